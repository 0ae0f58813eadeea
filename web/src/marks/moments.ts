import type { CookieView, Layer } from "../api/types";

/** A moment while a cookie dries: a pass has just gone on, or has what the next one waits for. */
export type Moment = { pass: number; shine: "wet" | "skinned" | "dry" };

type Pass = CookieView["passes"][number];

/** The moments of a cookie in order: each pass wet and as the next one finds it; at the end all of it dry. */
export function momentsOf(passes: Pass[]): Moment[] {
  const own = passes.filter((pass) => pass.number > 0);
  return own.flatMap((pass, i) => {
    const next = own[i + 1];
    const found: Moment["shine"] =
      next && ["SKINNED", "TOUCHING", "HALF_DRY", "PRINT_DRY"].includes(next.gate)
        ? "skinned"
        : "dry";
    const after: Moment[] = [{ pass: pass.number, shine: found }];
    // What has no icing is dry as it goes on.
    const wet: Moment[] = ["MARKER", "PAINT", "AIRBRUSH", "GUIDE"].includes(pass.stage)
      ? []
      : [{ pass: pass.number, shine: "wet" }];
    return [...wet, ...after];
  });
}

/** Whether a layer has gone on. */
export function isOn(layer: Layer, until: Moment): boolean {
  return layer.pass <= until.pass;
}

/** How a layer shines at a moment: what has gone on before is dry; before the last skin it has one. */
export function shineOf(layer: Layer, until: Moment): Moment["shine"] {
  if (layer.pass === until.pass) return until.shine;
  return layer.pass > 0 && layer.pass === until.pass - 1 && until.shine === "wet"
    ? "skinned"
    : "dry";
}
