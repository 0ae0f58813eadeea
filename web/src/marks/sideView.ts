import type { CookieView } from "../api/types";

/** How thick the cookie below a side view is drawn, and how many times as tall as it is the icing. */
export const DOUGH_MM = 5;

const TALL = 6;
const TALL_OF_SMALL = 2;
const SMALL_MM = 40;

/** How many times as tall as it is: a small piece would be all height. */
export function tall(cookie: CookieView): number {
  return Math.max(cookie.box.widthMm, cookie.box.heightMm) < SMALL_MM ? TALL_OF_SMALL : TALL;
}

/** How high the side view of a cookie is above the dough, in mm of the drawing; 0 where there is nothing to see. */
export function heightAbove(cookie: CookieView): number {
  return Math.max(0, ...cookie.side.map((slice) => slice.baseMm + slice.heightMm)) * tall(cookie);
}
