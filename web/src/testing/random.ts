/** Numbers by chance, the same for the same seed (mulberry32). */
export class Random {
  #state: number;

  constructor(seed: number) {
    this.#state = seed >>> 0;
  }

  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let t = this.#state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  /** A whole number from 0 to below one. */
  below(n: number): number {
    return Math.floor(this.next() * n);
  }

  one<T>(of: T[]): T {
    return of[this.below(of.length)] as T;
  }
}
