import { describe, expect, it } from "vitest";
import type { OrderView } from "../api/types";
import { addressOfPlace, nameOfPlace } from "./names";

const ORDER = {
  details: { palette: [{ name: "Poppy" }] },
  designs: [
    { id: 7, document: { name: "Diamond kite", moves: [{ move: "outline" }, { move: "flood" }] } },
  ],
} as unknown as OrderView;

describe("a place of an order", () => {
  it.each([
    ["/designs/7/count", "How many of Diamond kite"],
    ["/designs/7/document/moves/1/fullness", "Diamond kite: flood"],
    ["/designs/7/document/moves", "Diamond kite: its moves"],
    ["/designs/7/document/name", "Diamond kite"],
    ["/designs/7/document/moves/9/on", "Diamond kite: a move"],
    ["/designs/8/count", "How many of A design"],
    ["/details/palette/0/hex", "The colour Poppy"],
    ["/details/palette/5/hex", "The palette"],
    ["/details/handOver", "Hand-over"],
    ["/details/extra/risk", "Running short"],
    ["/details/nothing", "The order"],
  ])("%s is called %s", (path, name) => {
    expect(nameOfPlace(path, ORDER)).toBe(name);
  });

  it("has a name while the order is not there yet", () => {
    expect(nameOfPlace("/designs/7/count", null)).toBe("How many of A design");
    expect(nameOfPlace("/details/client", null)).toBe("For");
  });

  it.each([
    ["/designs/7/count", "/orders/3"],
    ["/designs/7/document/moves/1", "/orders/3/cookie/7"],
    ["/details/extra/risk", "/orders/3/bowls"],
    ["/details/recipe", "/orders/3/bowls"],
    ["/details/name", "/orders/3"],
  ])("%s is changed at %s", (path, address) => {
    expect(addressOfPlace(path, 3)).toBe(address);
  });
});
