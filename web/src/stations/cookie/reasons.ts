import type { CookieView } from "../../api/types";
import { gateWord } from "../../units/format";

type Pass = CookieView["passes"][number];

/** Why a pass waits for its gate: what would go wrong before it has come. */
const WHY: Partial<Record<Pass["gate"], string>> = {
  PRINT_DRY: "or it smears",
  TOUCHING: "so that a line stays between them",
  DOTS_SET: "so that they bear a brush",
  SKINNED: "so that the crease shows",
  LINES_HOLD: "so that they hold the flood",
  HALF_DRY: "set on top: it craters less",
  LINES_SET: "so that they bear what lies on them",
  FIRM: "or it sinks in",
  LINES_DRY: "or the marker dents them",
  SURFACE_DRY: "or it dents",
  DRY_THROUGH: "so that it bears it",
  TEXTURE_SHEET: "or it tears",
  LIFTS_OFF: "or it breaks",
};

const OF_STAGE: Partial<Record<Pass["stage"], string>> = {
  STENCIL: "or the stencil sticks",
  SECOND: "or they run together",
  PAINT: "or the brush dissolves it",
  GUIDE: "so that the tip does not sink in",
};

/** "Coal on White: dry through, or it bleeds". */
export function reason(pass: Pass, upper: string, lower: string): string {
  const why = pass.bleeds
    ? "or it bleeds"
    : ((pass.gate === "SURFACE_DRY" || pass.gate === "SKINNED" || pass.gate === "DRY_THROUGH"
        ? OF_STAGE[pass.stage]
        : undefined) ??
      WHY[pass.gate] ??
      "");
  const said = why ? `${gateWord(pass.gate)}, ${why}` : gateWord(pass.gate);
  const link = pass.stage === "COAT" ? "beside" : "on";
  if (upper && lower && upper !== lower) return `${upper} ${link} ${lower}: ${said}`;
  return upper ? `${upper}: ${said}` : said;
}
