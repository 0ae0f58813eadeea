import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import {
  dayAndTime,
  dayOf,
  daysAfter,
  daysBetween,
  monthsAfter,
  readDate,
  readTime,
  todayHere,
  weekdayOf,
  weekOf,
  weeksOf,
} from "./dates";
import { locale } from "./locale.svelte";

const house = locale.customs;
beforeEach(() => {
  vi.useFakeTimers();
  vi.setSystemTime(new Date(2026, 11, 2, 9, 0));
});
afterEach(() => {
  locale.customs = house;
  vi.useRealTimers();
});

const customs = (some: Partial<typeof house>) => (locale.customs = { ...house, ...some });

describe("a date that is typed", () => {
  const TODAY = "2026-12-02";
  it.each([
    ["5 Dec", "2026-12-05"],
    ["5. december", "2026-12-05"],
    ["Dec 5 2027", "2027-12-05"],
    ["5 dec 27", "2027-12-05"],
    ["5.12.", "2026-12-05"],
    ["05/12/2026", "2026-12-05"],
    ["2026-12-05", "2026-12-05"],
    ["2026-2-5", "2026-02-05"],
    ["sat", "2026-12-05"],
    ["Saturday", "2026-12-05"],
    ["29 feb 2028", "2028-02-29"],
    // A date without a year is the next of that name.
    ["2 Dec", "2026-12-02"],
    ["1 Dec", "2027-12-01"],
    ["31 Jan", "2027-01-31"],
    // Today's weekday means the next one: today is said otherwise.
    ["wed", "2026-12-09"],
  ])("%s is %s", (typed, meant) => {
    expect(readDate(typed, TODAY)).toBe(meant);
  });

  it.each(["", "kite", "32 Dec", "29 feb 2027", "2026-13-01", "5", "0 Jan", "1 jan 1999", "99/99"])(
    "%s is none",
    (typed) => {
      expect(readDate(typed, TODAY)).toBeUndefined();
    },
  );

  it("has its month first where the shop writes it so, but not where a month is named", () => {
    customs({ dates: "MONTH_FIRST" });
    expect(readDate("12/5/2026", TODAY)).toBe("2026-12-05");
    expect(readDate("5 Dec", TODAY)).toBe("2026-12-05");
    expect(readDate("25/12/2026", TODAY)).toBeUndefined();
  });

  it("is read as it is written, on every day of some years", () => {
    for (let day = "2026-01-01"; day < "2029-01-01"; day = daysAfter(day, 1)) {
      for (const dates of ["DAY_FIRST", "MONTH_FIRST", "YEAR_FIRST"] as const) {
        customs({ dates });
        const written = dayOf(day, true).replace(/^\w+,? /, "");
        expect(readDate(written, TODAY)).toBe(day);
      }
    }
  });
});

describe("a time that is typed", () => {
  it.each([
    ["10", "10:00"],
    ["9:30", "09:30"],
    ["9.30", "09:30"],
    ["9h30", "09:30"],
    ["0930", "09:30"],
    ["3 pm", "15:00"],
    ["3:15pm", "15:15"],
    ["12 pm", "12:00"],
    ["12 am", "00:00"],
    ["12:30 am", "00:30"],
    ["0:00", "00:00"],
    ["23:59", "23:59"],
  ])("%s is %s", (typed, meant) => {
    expect(readTime(typed)).toBe(meant);
  });

  it.each(["", "24:00", "25:99", "9:60", "13 pm", "noon", "-1", "1:2"])("%s is none", (typed) => {
    expect(readTime(typed)).toBeUndefined();
  });
});

describe("days", () => {
  it("are counted whole, over changes of summer time, years and leap days", () => {
    expect(daysBetween("2026-03-28", "2026-03-30")).toBe(2);
    expect(daysBetween("2026-10-24", "2026-10-26")).toBe(2);
    expect(daysBetween("2027-12-31", "2028-03-01")).toBe(61);
    expect(daysBetween("2026-12-05", "2026-12-02")).toBe(-3);
    expect(daysAfter("2028-02-28", 1)).toBe("2028-02-29");
    expect(daysAfter("2026-12-31", 1)).toBe("2027-01-01");
    expect(daysAfter("2026-12-05", -5)).toBe("2026-11-30");
  });

  it("are named as the shop writes them, with their year where it is another one", () => {
    expect(dayOf("2026-12-05T10:00")).toBe("Sat 5 Dec");
    expect(dayOf("2027-01-02")).toBe("Sat 2 Jan 2027");
    customs({ dates: "MONTH_FIRST" });
    expect(dayOf("2026-12-05")).toBe("Sat, Dec 5");
    expect(dayOf("2027-01-02")).toBe("Sat, Jan 2, 2027");
    customs({ dates: "YEAR_FIRST" });
    expect(dayOf("2026-12-05")).toBe("Sat 2026-12-05");
    expect(weekdayOf("2026-12-06")).toBe("Sun");
  });

  it("of today are those of the clock on the wall, also late in the evening", () => {
    vi.setSystemTime(new Date(2026, 11, 2, 23, 59));
    expect(todayHere()).toBe("2026-12-02");
    vi.setSystemTime(new Date(2026, 11, 3, 0, 1));
    expect(todayHere()).toBe("2026-12-03");
  });
});

describe("weeks", () => {
  it("begin on the day on which the shop's do", () => {
    for (const [weekStarts, first] of [
      ["MONDAY", "2026-11-30"],
      ["SUNDAY", "2026-11-29"],
      ["SATURDAY", "2026-11-28"],
    ] as const) {
      customs({ weekStarts });
      expect(weekOf("2026-12-02")).toBe(first);
      expect(weekOf(first)).toBe(first);
      expect(weekOf(daysAfter(first, 6))).toBe(first);
    }
  });

  it("of a month hold each of its days once, in order, and no other", () => {
    for (let month = "2026-01"; month < "2029-01"; month = monthsAfter(month, 1)) {
      for (const weekStarts of ["MONDAY", "SUNDAY", "SATURDAY"] as const) {
        customs({ weekStarts });
        const weeks = weeksOf(month);
        expect(weeks.every((week) => week.length === 7)).toBe(true);
        const days = weeks.flat().filter((day) => day !== null);
        const last = daysAfter(`${monthsAfter(month, 1)}-01`, -1);
        expect(days).toHaveLength(Number(last.slice(8)));
        expect(days).toEqual([...days].sort());
        expect(weeks.every((week) => week.some((day) => day !== null))).toBe(true);
      }
    }
  });

  it("months are counted over the end of a year", () => {
    expect(monthsAfter("2026-12", 1)).toBe("2027-01");
    expect(monthsAfter("2026-01", -1)).toBe("2025-12");
    expect(monthsAfter("2026-05", 20)).toBe("2028-01");
  });
});

describe("a moment in a place's own words", () => {
  it("is its day and its time", () => {
    expect(dayAndTime("2026-12-05T10:00:00")).toEqual(["2026-12-05", "10:00"]);
    expect(dayAndTime("2026-12-05T10:00")).toEqual(["2026-12-05", "10:00"]);
  });

  it("keeps each as it was typed where one can't be read", () => {
    expect(dayAndTime("2026-12-05T25:99")).toEqual(["2026-12-05", "25:99"]);
    expect(dayAndTime("2026-12-05TTen")).toEqual(["2026-12-05", "Ten"]);
    expect(dayAndTime("on ThursdayT10:00")).toEqual(["on Thursday", "10:00"]);
    expect(dayAndTime("2026-12-05T")).toEqual(["2026-12-05", ""]);
    expect(dayAndTime("")).toEqual(["", ""]);
  });
});
