import type { Layer } from "../api/types";

/** Puts what is drawn about its own middle in its place; nothing for what is in its place already. */
export function placed(at: Layer["at"]): string | undefined {
  return at ? `translate(${at.x} ${at.y}) rotate(${at.turnDegrees})` : undefined;
}
