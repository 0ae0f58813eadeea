// What bin/rules compiles from core; each is a rule of core/bench by the same name.

export type Base = {
  countSeconds: number;
  perGram: number;
  sugarPer100: number;
  waterPer100: number;
};
export type Press = {
  id: string;
  atMs: number;
  device: string;
  what: string;
  step: string;
  amount: number;
  words: string;
};
export type BagUse = {
  key: string;
  fills: { bags: number; fullGrams: number; filledAt: string; firstBag: number }[];
  keepsGrams: number;
  drinks: { step: string; cookies: number; eachGrams: number; coatGrams: number }[];
};
export type Made = {
  base: number;
  water: number;
  sugar: number;
  gel: number;
  flavour: number;
  keepsGrams: number;
};

/** How bags stand, all of a kind together. */
export type Standing = {
  leftGrams: number;
  isWeighed: boolean;
  bagsLeft: number;
  toGo: number;
  toGoGrams: number;
  reaches: number;
  times: number;
  shortGrams: number;
  chance: number;
  isShort: boolean;
  wantedGrams: number;
  fewer: number;
  leaner: number;
  shortIfFuller: number;
};

export function nextWater(count: number, wanted: number, baseGrams: number, base: Base): number;
export function firstWater(planned: number, inGrams: number): number;
export function secondsAt(
  count: number,
  countedWater: number,
  water: number,
  baseGrams: number,
  base: Base,
): number;
export function icingAge(seconds: number, wetSeconds: number): "wet" | "skinned" | "dry";
export function touchedGate(
  gateSeconds: number,
  touchedSeconds: number,
  isSkinned: boolean,
): number;
export function leastSeconds(wanted: number): number;
export function mostSeconds(wanted: number): number;
export function tooThin(
  count: number,
  wanted: number,
  baseGrams: number,
  base: Base,
): { stiffGrams: number; sugarGrams: number };
export function weightBand(wanted: number): number;
export function canBeWeighed(wanted: number): boolean;
export function inProportion(wanted: number[], weighed: number, grams: number): number[];
export function trial(
  cookies: { bare: number; iced: number }[],
  planned: number,
  coat: number,
  cookieSpread: number,
  handSpread: number,
): { cookies: number; found: number; moved: number; isAsPlanned: boolean; better: number };
export function rescueBase(baseGrams: number, times: number): number;
export function rescueGel(grams: number, times: number): { drops: number; dabs: number };
export function gelTimes(drops: number, recipeDrops: number): number;
export function gelShows(times: number): boolean;
export function topUp(
  wanted: number,
  made: Made,
): { grams: number; base: number; water: number; sugar: number; gel: number; flavour: number };
export function bagStanding(
  bag: BagUse,
  pressed: Press[],
  cookieSpread: number,
  handSpread: number,
  fuller: number,
): Standing;
