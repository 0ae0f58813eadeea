import type { Design, PaletteColour } from "../../api/types";

/** What a new design starts as: a plain round, outlined and flooded in the first colour that isn't white. */
export function newDesign(palette: PaletteColour[], number: number): Design {
  const colour = (palette.find((c) => c.key !== "white") ?? palette[0])?.key;
  return {
    format: 1,
    name: `Design ${number}`,
    cutter: { shape: { kind: "round" }, across: "WIDTH", sizeMm: 80 },
    spreadPercent: null,
    marginMm: null,
    filling: null,
    moves: colour
      ? [
          { move: "outline", colour },
          { move: "flood", colour },
        ]
      : [],
  };
}
