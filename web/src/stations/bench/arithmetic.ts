// The arithmetic that the bench needs without the network, as core has it; the tests of both hold the same figures.

const SHARE = 0.8;
const CAREFUL = 0.5;
const THIN_SECONDS = 10;
const BAND = 0.1;
const WEIGHT_BAND = 0.02;
const LEAST_BAND_GRAMS = 0.2;

export const leastSeconds = (wanted: number) => wanted * (1 - BAND);
export const mostSeconds = (wanted: number) => wanted * (1 + BAND);

/** Grams of water that go in next; 0 where it is right or too thin. */
export function nextWater(count: number, wanted: number, baseGrams: number, perGram: number) {
  if (count <= mostSeconds(wanted)) return 0;
  const thin = wanted > THIN_SECONDS ? THIN_SECONDS : (wanted * 2) / 3;
  const grams = Math.min(SHARE * Math.log(count / wanted), CAREFUL * Math.log(count / thin));
  return ((grams / perGram) * baseGrams) / 100;
}

/** Grams of stiff base that bring back what is too thin, from the water that is in. */
export function stiffGrams(
  count: number,
  wanted: number,
  baseGrams: number,
  stiffSeconds: number,
  perGram: number,
): number {
  const water = ((Math.log(stiffSeconds / count) / perGram) * baseGrams) / 100;
  const share = Math.log(stiffSeconds / wanted) / perGram / 100;
  return share <= 0 ? Infinity : Math.max(0, water / share - baseGrams);
}

/** How far off a weight may be. */
export const weightBand = (wanted: number) => Math.max(WEIGHT_BAND * wanted, LEAST_BAND_GRAMS);

/** All that is weighed after something that came out over follows it. */
export function inProportion(wanted: number[], weighed: number, grams: number): number[] {
  const times = grams / (wanted[weighed] ?? 1);
  return wanted.map((one, i) => (i === weighed ? grams : one * times));
}

/** Chance of a standard normal value below x (Abramowitz and Stegun 7.1.26, off by less than 2e-7). */
function below(x: number): number {
  const t = 1 / (1 + (0.3275911 * Math.abs(x)) / Math.SQRT2);
  const polynomial =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - polynomial * Math.exp((-x * x) / 2);
  return x >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

export type Forecast = { each: number; cookies: number; short: number; chance: number };

/** A bag that is likelier than this to run out is topped up now. */
export const MOST_CHANCE = 0.05;

/** Whether a bag reaches to the end of its cookies, from what was weighed after some of them. */
export function bagForecast(of: {
  full: number;
  left: number;
  keeps: number;
  iced: number;
  toGo: number;
  planned: number;
  cookieVariation: number;
  handVariation: number;
}): Forecast {
  const each = Math.max(0, of.full - of.left) / of.iced;
  const usable = Math.max(0, of.left - of.keeps);
  const hand = (of.handVariation * of.planned) ** 2;
  const cookie = (of.cookieVariation * of.planned) ** 2;
  const trust = hand + cookie === 0 ? 0 : hand / (hand + cookie / of.iced);
  const mean = of.toGo * (of.planned + trust * (each - of.planned));
  const sd = Math.sqrt(of.toGo * of.toGo * hand * (1 - trust) + of.toGo * cookie);
  const isShort = sd === 0 ? Number(mean > usable) : below((mean - usable) / sd);
  return {
    each,
    cookies: each === 0 ? Infinity : usable / each,
    short: Math.max(0, of.toGo * each - usable),
    chance: isShort,
  };
}

const LEAST_FULLNESS = 0.5;
const MOST_FULLNESS = 2;

/** How many times as full as planned the coats of a trial cookie are; null where its weights can't be meant. */
export function fullness(bare: number, iced: number, planned: number, coat: number): number | null {
  if (coat <= 0 || bare <= 0) return null;
  const times = (iced - bare - (planned - coat)) / coat;
  return times >= LEAST_FULLNESS && times <= MOST_FULLNESS ? times : null;
}

/** Base that makes a bowl as light as wanted which looks like so many times its gel. */
export const rescueBase = (baseGrams: number, times: number) =>
  Math.max(0, baseGrams * (times - 1));

/** Drops that make a bowl as dark as wanted which looks like so many times its gel. */
export const rescueDrops = (drops: number, times: number) => Math.max(0, drops * (1 - times));
