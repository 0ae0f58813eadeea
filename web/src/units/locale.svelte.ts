import type { ShopView } from "../api/types";

export type Customs = ShopView["settings"]["customs"];

/** Making a format takes longer than using it a hundred times. */
const formats: Record<string, Intl.NumberFormat> = {};

/** How the shop writes dates, numbers and money, and what it measures in. */
class Locale {
  customs = $state.raw<Customs>({
    dates: "DAY_FIRST",
    numbers: "POINT",
    weekStarts: "MONDAY",
    currency: "EUR",
    paper: "A4",
  });
  measures = $state<ShopView["settings"]["measures"]>("GRAMS");

  /** Whether spoons, ounces and inches stand beside grams and mm. */
  get isUs(): boolean {
    return this.measures === "GRAMS_AND_SPOONS";
  }

  readonly point = $derived(this.customs.numbers === "POINT" ? "." : ",");

  readonly #numbers = $derived(
    { POINT: "en-GB", COMMA: "de-DE", SPACE_AND_COMMA: "fr-FR" }[this.customs.numbers],
  );

  readonly #money = $derived.by(() => {
    try {
      return new Intl.NumberFormat(this.#numbers, {
        style: "currency",
        currency: this.customs.currency,
      });
    } catch {
      return new Intl.NumberFormat(this.#numbers, { style: "currency", currency: "EUR" });
    }
  });

  /** The sign that stands before a price. */
  get sign(): string {
    return this.#money.formatToParts(1).find((part) => part.type === "currency")?.value ?? "";
  }

  /** A price with its sign. */
  money(amount: number): string {
    return this.#money.format(amount);
  }

  number(n: number, digits: number): string {
    const key = `${this.#numbers} ${digits}`;
    formats[key] ??= new Intl.NumberFormat(this.#numbers, {
      minimumFractionDigits: digits,
      maximumFractionDigits: digits,
    });
    return formats[key].format(n);
  }

  /** A number with as many digits as it has. */
  short(n: number): string {
    const digits = /\.(\d+)$/.exec(String(n))?.[1]?.length ?? 0;
    return this.number(n, digits);
  }

  /** The day on which a week starts, Sunday being 0. */
  get weekStart(): number {
    return { SUNDAY: 0, MONDAY: 1, SATURDAY: 6 }[this.customs.weekStarts];
  }
}

export const locale = new Locale();
