import { expect, test } from "vitest";
import { without } from "./lost";

const DAY = [
  { from: "09:00", to: "13:00" },
  { from: "14:00", to: "18:00" },
];

test("two hours from the middle of the morning on", () => {
  expect(without(DAY, "10:00", 120)).toEqual([
    { from: "09:00", to: "10:00:00" },
    { from: "12:00:00", to: "13:00" },
    { from: "14:00", to: "18:00" },
  ]);
});

test("over a pause only work is lost", () => {
  expect(without(DAY, "12:00", 120)).toEqual([
    { from: "09:00", to: "12:00:00" },
    { from: "15:00:00", to: "18:00" },
  ]);
});

test("more than there is leaves nothing, and before the day it begins with the first span", () => {
  expect(without(DAY, "07:00", 900)).toEqual([]);
  expect(without(DAY, "20:00", 60)).toEqual(DAY);
  expect(without([{ from: "20:00", to: "00:00" }], "21:00", 60)).toEqual([
    { from: "20:00", to: "21:00:00" },
    { from: "22:00:00", to: "00:00" },
  ]);
});
