import type { Layer } from "../api/types";

/** Puts what is drawn about its own middle in its place; nothing for what is in its place already. */
export function placed(at: Layer["at"]): string | undefined {
  if (!at) return undefined;
  return `translate(${at.x} ${at.y}) rotate(${at.turnDegrees})${at.flipped ? " scale(-1 1)" : ""}`;
}
