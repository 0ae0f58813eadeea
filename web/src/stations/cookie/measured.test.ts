import { expect, it } from "vitest";
import type { Move } from "../../api/types";
import { measuredAs } from "./measured";

const moves = (...words: string[]) =>
  words.map((word) => {
    const [move, colour] = word.split(" ");
    return { move, colour } as unknown as Move;
  });

const stored = moves("outline white", "flood white", "dot rose", "dot navy", "line coal");

it("is the same list where nothing is on its way", () => {
  expect(measuredAs(stored, stored)).toEqual([0, 1, 2, 3, 4]);
});

it("knows each again when one has come before it, gone or changed places", () => {
  const more = moves(
    "bands x",
    ...["outline white", "flood white", "dot rose", "dot navy", "line coal"],
  );
  expect(measuredAs(more, stored)).toEqual([null, 0, 1, 2, 3, 4]);
  const fewer = moves("outline white", "flood white", "dot navy", "line coal");
  expect(measuredAs(fewer, stored)).toEqual([0, 1, 3, 4]);
  const turned = moves("outline white", "flood white", "dot navy", "dot rose", "line coal");
  expect(measuredAs(turned, stored)).toEqual([0, 1, 3, 2, 4]);
});

it("keeps the figures of one that is changed itself, and gives a new one none", () => {
  const recoloured = moves("outline white", "flood white", "dot sky", "dot navy", "line coal");
  expect(measuredAs(recoloured, stored)).toEqual([0, 1, 2, 3, 4]);
  const added = moves(
    "outline white",
    "flood white",
    "dot rose",
    "dot navy",
    "line coal",
    "dot sky",
  );
  expect(measuredAs(added, stored)).toEqual([0, 1, 2, 3, 4, null]);
});
