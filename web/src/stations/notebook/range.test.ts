import { expect, test } from "vitest";
import { rangeOf } from "./range";

test("all that is known of a figure lies inside, in its order", () => {
  const at = rangeOf({ was: 4, is: 6, low: 5, high: 8 }, 120);
  expect(at.was).toBeCloseTo(10);
  expect(at.high).toBeCloseTo(110);
  expect([at.was, at.low, at.is, at.high]).toEqual(
    [at.was, at.low, at.is, at.high].toSorted((a, b) => a - b),
  );
});

test("a figure that has not moved stands in the middle", () => {
  expect(rangeOf({ was: 3, is: 3, low: 3, high: 3 }, 100)).toEqual({
    was: 50,
    is: 50,
    low: 50,
    high: 50,
  });
});
