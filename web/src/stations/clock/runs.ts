import type { ClockView } from "../../api/types";
import { dayOf, gateWord, said, timeOf } from "../../units/format";

export type Row = ClockView["rows"][number];
export type Run = Row["runs"][number];

const DOUGH = "#DDB98A";
const ICING = "#ECEAE2";

/** What a piece of work looks like: its icing where it is this order's, or dough. */
export function shadeOf(run: Run, isOwn = true): string {
  if (run.hex) return isOwn ? run.hex : ICING;
  return run.doing === "DOUGH" || run.doing === "CUT" || run.doing === "BAKE" ? DOUGH : ICING;
}

/** What it is by the time that what follows may begin. */
export function gateOf(run: Run): string {
  const gate = run.gate ?? "";
  return gateWord(gate as Parameters<typeof gateWord>[0]) ?? said(gate);
}

/** What is done, in a few words. */
export function doingOf(row: Row, run: Run, colour: string): string {
  switch (run.doing) {
    case "DOUGH":
      return run.addition > 0 ? "make more dough" : "make the dough";
    case "CUT":
      return `roll and cut ${run.cookies}`;
    case "BAKE":
      return `bake ${run.cookies}`;
    case "BASE":
      return run.addition > 0 ? "mix more base" : "mix the base";
    case "BOWL":
      return `tint, thin and bag ${run.addition > 0 ? "more " : ""}${colour}`;
    case "ICE":
      return run.pass > 0
        ? `${row.name}, pass ${run.pass}: ice ${run.cookies}`
        : `${row.name}, made ahead for ${run.cookies}`;
    case "PACK":
      return `${row.name}: pack ${run.cookies}`;
    case "LABEL":
      return "label the order";
  }
}

/** The same with its times: when hands begin, when they are free, when it is dry. */
export function sentence(row: Row, run: Run, colour: string): string {
  const tray =
    run.tray > 0
      ? `, ${run.doing === "BAKE" || run.doing === "CUT" ? "load" : "tray"} ${run.tray}`
      : "";
  const dry = run.until ? `; ${gateOf(run)} on ${dayOf(run.until)} at ${timeOf(run.until)}` : "";
  return `${doingOf(row, run, colour)}${tray}: ${dayOf(run.from)}, ${timeOf(run.from)} to ${timeOf(run.to)}${dry}`;
}

const WHY: Record<NonNullable<Link["why"]>, string> = {
  NEEDS: "",
  CHILL: "chills",
  COOL: "cools",
  GATE: "dries",
  DRY_THROUGH: "dries through",
  REST: "rests",
};
const DOING: Record<Run["doing"], string> = {
  DOUGH: "dough",
  CUT: "rolling",
  BAKE: "baking",
  BASE: "base",
  BOWL: "bowl",
  ICE: "icing",
  PACK: "packing",
  LABEL: "label",
};

export type Link = ClockView["decides"][number];

/** A link of the chain in a few words. */
export function linkOf(link: Link): string {
  const tray =
    link.tray > 0 && link.doing !== "BAKE" && link.doing !== "CUT" ? `, tray ${link.tray}` : "";
  const pass = link.pass > 0 ? `, pass ${link.pass}` : "";
  return `${DOING[link.doing]} ${link.name}${pass}${tray}`;
}

const MOST_LINKS = 7;

/** The chain in a sentence: its first and its last link, and those between that dry, cool or chill or at which a sitting ends; the middle of a long one is left out. */
export function chainOf(links: Link[]): string {
  const told = links.filter(
    (link, i) =>
      i === 0 ||
      i === links.length - 1 ||
      link.because === "SITTING" ||
      (link.because === "WAIT" && link.why !== null && WHY[link.why] !== ""),
  );
  const kept =
    told.length <= MOST_LINKS ? told : [...told.slice(0, MOST_LINKS - 3), null, ...told.slice(-2)];
  return kept
    .map((link) => {
      if (!link) return `${told.length - MOST_LINKS + 1} more such steps`;
      const wait = link.because === "WAIT" && link.why ? WHY[link.why] : "";
      const end = link.because === "SITTING" ? "and there the sitting ends" : "";
      const then = wait ? `, which ${wait}` : end ? `, ${end}` : "";
      return `${dayOf(link.from)} ${timeOf(link.from)} ${linkOf(link)}${then}`;
    })
    .join("; then ");
}
