import { describe, expect, it } from "vitest";
import { snapped } from "./placing";

const nowhere = { others: [], middles: [], edges: [], half: 0 };

describe("what a dragged mark is drawn to", () => {
  it("stays where nothing is near", () => {
    expect(snapped({ x: 7.3, y: -9.1 }, nowhere).place).toEqual({ x: 7.3, y: -9.1 });
  });

  it("goes to the middle and to the mirror image of another one, at its height", () => {
    expect(snapped({ x: 0.6, y: 12 }, nowhere).place).toEqual({ x: 0, y: 12 });
    const others = [{ x: -14, y: 5 }];
    expect(snapped({ x: 14.4, y: 4.5 }, { ...nowhere, others }).place).toEqual({ x: 14, y: 5 });
  });

  it("goes to the middle of a section", () => {
    const middles = [{ x: 20, y: -20 }];
    expect(snapped({ x: 20.5, y: -19.6 }, { ...nowhere, middles }).place).toEqual({
      x: 20,
      y: -20,
    });
  });

  it("keeps the gap that two others have, and finds the place between them", () => {
    const others = [
      { x: 3, y: 2 },
      { x: 13, y: 8 },
    ];
    expect(snapped({ x: 23.4, y: 13.7 }, { ...nowhere, others }).place).toEqual({ x: 23, y: 14 });
    expect(snapped({ x: 7.6, y: 5.2 }, { ...nowhere, others }).place).toEqual({ x: 8, y: 5 });
  });

  it("touches the edge, or is as far inside as another one", () => {
    // The edge of a disc of 30 mm radius, a point each degree.
    const edges = Array.from({ length: 360 }, (_, i) => ({
      x: 30 * Math.cos((i * Math.PI) / 180),
      y: 30 * Math.sin((i * Math.PI) / 180),
    }));
    const place = { x: 27.3 * Math.cos(0.7), y: 27.3 * Math.sin(0.7) };
    const touching = snapped(place, { ...nowhere, edges, half: 3 });
    expect(Math.hypot(touching.place.x, touching.place.y)).toBeCloseTo(27, 1);
    const others = [{ x: -18.1, y: 13.7 }];
    const level = snapped(
      { x: 22.5 * Math.cos(0.2), y: 22.5 * Math.sin(0.2) },
      { ...nowhere, edges, others },
    );
    expect(Math.hypot(level.place.x, level.place.y)).toBeCloseTo(22.7, 0);
  });
});
