import type { DesignView, Move } from "../../api/types";
import { field, setField } from "../../desk/catalogue.svelte";

/** The moves of the small design that a move sets on the cookie; none where it has none of its own. */
export function smallMoves(move: Move | undefined): Move[] {
  return (move && (field(move, "moves") as Move[] | undefined)) ?? [];
}

/** A small design of one, to be looked at and worked on as any design is. */
export function smallView(design: DesignView, at: number): DesignView {
  const outer = design.document.moves[at];
  return {
    ...design,
    document: { ...design.document, name: outer?.move ?? "", moves: smallMoves(outer) },
    cookie: design.cookie?.small[at] ?? null,
  };
}

/** Changes the moves of a small design. */
export function changeSmall(outer: Move | undefined, change: (moves: Move[]) => void): void {
  if (!outer) return;
  const moves = [...smallMoves(outer)];
  change(moves);
  setField(outer, "moves", moves.length > 0 ? moves : null);
}

/** On film a flood is thicker than on a cookie, so that it stands. */
const ON_FILM_SECONDS = 20;

/** What a small design begins with: a coat of its own, on film at a count that stands there. */
export function startedSmall(outer: Move): Move[] {
  const coat: Move = { move: "flood", colour: String(field(outer, "colour") ?? "") };
  return [outer.move === "transfer" ? { ...coat, countSeconds: ON_FILM_SECONDS } : coat];
}
