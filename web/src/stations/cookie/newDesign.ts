import type { Design, PaletteColour } from "../../api/types";
import { field, reference, startingValues } from "../../desk/catalogue.svelte";

/** What a new design starts as: a plain round, outlined and flooded in the first colour that isn't white and no other has. */
export function newDesign(palette: PaletteColour[], others: Design[]): Design {
  const taken = others.flatMap((design) => design.moves.map((move) => field(move, "colour")));
  const strong = palette.filter((c) => c.key !== "white");
  const colour = (strong.find((c) => !taken.includes(c.key)) ?? strong[0] ?? palette[0])?.key;
  const names = others.map((design) => design.name);
  let number = others.length + 1;
  while (names.includes(`Design ${number}`)) number++;
  return {
    format: 2,
    name: `Design ${number}`,
    cutter: { shape: { kind: "round" }, across: "WIDTH", sizeMm: 80 },
    spreadPercent: null,
    marginMm: null,
    filling: null,
    withoutThoughts: null,
    moves: colour
      ? [
          { move: "outline", colour },
          { move: "flood", colour },
        ]
      : [],
  };
}

/** Gives a design a cutter of another form, at its size: one that is longer than wide is as long as that. */
export function withCutter(design: Design, word: string): void {
  const picked = reference.cutter(word);
  if (!picked) return;
  design.cutter.shape = {
    kind: word,
    ...startingValues(picked, ""),
  } as typeof design.cutter.shape;
  if (reference.catalogue?.tallCutters.includes(word)) design.cutter.across = "HEIGHT";
}
