import { expect, test } from "vitest";
import { isPale, luminance, toned } from "./colour";

test("black and white have the luminance that the standard gives them", () => {
  expect(luminance("#000000")).toBe(0);
  expect(luminance("#ffffff")).toBeCloseTo(1, 6);
  expect(isPale("#F6F1E4")).toBe(true);
  expect(isPale("#23407A")).toBe(false);
});

test("a tone goes from black over the colour itself to white", () => {
  expect(toned("#804020", 0)).toBe("#804020");
  expect(toned("#804020", 1)).toBe("#ffffff");
  expect(toned("#804020", -1)).toBe("#000000");
  expect(toned("#804020", -0.5)).toBe("#402010");
  expect(luminance(toned("#804020", 0.2))).toBeGreaterThan(luminance("#804020"));
});
