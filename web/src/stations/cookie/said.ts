import type { MarkView, Move } from "../../api/types";
import { field } from "../../desk/catalogue.svelte";
import { sectionWords } from "./sections";
import { consistency, fixed, gateWord } from "../../units/format";

/** A move in a line: how stiff, on what, how long, how much of the cookie, what must be so before. */
export function saidOfMove(
  move: Move,
  marks: MarkView[],
  sections: { name: string }[],
  otherwise: string,
): string {
  const first = marks[0];
  if (!first) return otherwise;
  const parts: string[] = [];
  if (first.state && first.countSeconds) parts.push(consistency(first.state, first.countSeconds));
  const on = field(move, "on");
  if (on) parts.push(`on ${sectionWords(String(on), sections)}`);
  if (first.tip) parts.push(`tip ${first.tip}`);
  const length = marks.reduce((mm, m) => mm + m.lengthMm, 0);
  const area = marks.reduce((mm2, m) => mm2 + m.areaMm2, 0);
  if (length > 0) parts.push(`${fixed(length / 10, 1)} cm`);
  if (area > 0) parts.push(`${fixed(Math.round(area), 0)} mm²`);
  if (first.piecesAhead > 0) parts.push("made ahead");
  if (gateWord(first.gate)) parts.push(gateWord(first.gate));
  return parts.join(" · ");
}
