import type { BenchOther, BenchStep } from "../../api/types";
import { fixed, grams, outOf, plural } from "../../units/format";

/** What a step is, in big type. */
export function titleOf(step: BenchStep): string {
  const mixed = step.mixed;
  const name = `${step.addition > 0 ? "more " : ""}${step.name}`;
  switch (step.doing) {
    case "DOUGH":
      return step.addition > 0 ? "Make more dough" : "Make the dough";
    case "CUT":
      return `Roll and cut ${step.cookies} ${step.name}`;
    case "BAKE":
      return `Bake ${step.cookies} ${step.name}`;
    case "PACK":
      return `Pack ${step.cookies} ${step.name}`;
    case "LABEL":
      return "Label the order";
    case "ICE":
      return step.pass > 0 ? `Ice ${step.name}` : `Make ahead for ${step.name}`;
  }
  switch (mixed?.doing) {
    case "TINT":
      return `Tint ${name}`;
    case "LET_DOWN":
      return `Let down ${name}`;
    case "DIVIDE":
      return `Divide off ${name}`;
    case "FLAVOUR":
      return `Stir the flavour into ${name}`;
    case "ADD_JAR":
      return `Add the jar to ${name}`;
    case "THIN":
      return mixed.waterGrams > 0.05
        ? `Thin ${name} to ${fixed(mixed.countSeconds, 0)} seconds`
        : mixed.sugarGrams > 0.05
          ? `Stiffen ${name}`
          : `Take out ${name} as it is`;
    case "BAG":
      return `Bag ${name}`;
    default:
      return `Mix ${grams(mixed?.grams ?? 0)} g of base${step.addition > 0 ? " more" : ""}`;
  }
}

/** The same in a line of a list. */
export function lineOf(step: BenchStep): string {
  if (step.doing === "ICE") {
    const pass = step.pass > 0 ? `, pass ${step.pass}` : " ahead";
    return `${step.name}${pass}, tray ${step.tray}: ${step.cookies}`;
  }
  if (step.mixed?.doing === "BAG")
    return `Bag ${grams(step.mixed.grams)} g ${step.addition > 0 ? "more " : ""}${step.name}, ${outOf(bagOf(step.mixed))}`;
  if (step.mixed?.doing === "TINT" && step.mixed.tint)
    return `${titleOf(step)}: ${plural(dropsOf(step), "drop")} in ${grams(step.mixed.grams)} g`;
  if (step.mixed?.doing === "FLAVOUR")
    return `${titleOf(step)}: ${step.weighed.map((one) => `${fixed(one.grams, 1)} g ${one.name}`).join(", ")}`;
  if (step.mixed?.doing === "THIN") return `${titleOf(step)}, ${grams(step.mixed.grams)} g`;
  return titleOf(step);
}

/** What is next of another order, in a line. */
export function lineOfOther(other: BenchOther): string {
  switch (other.doing) {
    case "DOUGH":
      return other.addition > 0 ? "Make more dough" : "Make the dough";
    case "CUT":
      return `Roll and cut ${other.cookies} ${other.name}`;
    case "BAKE":
      return `Bake ${other.cookies} ${other.name}`;
    case "BASE":
      return other.addition > 0 ? "Mix more base" : "Mix the base";
    case "BOWL":
      return `Tint, thin and bag ${other.addition > 0 ? "more " : ""}${other.name}`;
    case "ICE":
      return `${other.name}${other.pass > 0 ? `, pass ${other.pass}` : " ahead"}, tray ${other.tray}: ${other.cookies}`;
    case "PACK":
      return `Pack ${other.cookies} ${other.name}`;
    case "LABEL":
      return "Label the order";
  }
}

type Mixed = NonNullable<BenchStep["mixed"]>;

export const bagOf = (mixed: Mixed) => ({
  vessel: "BAG",
  bags: mixed.bags,
  tips: mixed.tips,
  largeBags: false,
  coupler: mixed.tips.length > 1,
  cutMm: mixed.cutMm,
});

const dropsOf = (step: BenchStep) =>
  (step.mixed?.tint?.doses ?? []).reduce((n, dose) => n + dose.drops, 0);

/** How the hands hold it, where that helps. */
export function techniqueOf(stage: string | undefined, isWet: boolean): string {
  if (isWet) return "Flood and drop in while it is wet, one section after the other.";
  switch (stage) {
    case "COAT":
      return "Hold the bag high and let the line fall; stop pressing before the end.";
    case "SECOND":
      return "Line the edge first, then fill; push into corners with the needle.";
    case "RAISED":
      return "Hold the tip a little above the coat and let the line lie down by itself.";
    case "AIRBRUSH":
      return "Start beside the cookie and move on; several thin coats, not one wet one.";
    case "STENCIL":
      return "Hold the scraper flat, one stroke; lift the stencil straight up.";
    case "MARKER":
      return "Write only where it is dry through; wipe the tip on a cloth.";
    case "PAINT":
      return "Nearly dry brush; dab it on paper first.";
    case "AHEAD":
      return "Pipe on film that lies flat; peel it off when dry, over an edge.";
    default:
      return "";
  }
}

/** Minutes and seconds, as a timer shows them. */
export function clockOf(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  const h = Math.floor(whole / 3600);
  const m = Math.floor((whole % 3600) / 60);
  const two = (n: number) => String(n).padStart(2, "0");
  return h > 0 ? `${h}:${two(m)}:${two(whole % 60)}` : `${m}:${two(whole % 60)}`;
}

/** A moment as the wall shows it, for what reads local times. */
export function local(ms: number): string {
  const date = new Date(ms);
  const two = (n: number) => String(n).padStart(2, "0");
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}`;
}
