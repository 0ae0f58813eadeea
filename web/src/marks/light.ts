import type { CookieView, Layer } from "../api/types";
import { shineOf, type Moment } from "./moments";

// What of a cookie is lit as one: a coat with all that sinks into it has one dome, what stands up throws a shade of its own.

/** How icing is lit: a coat soft, domed or almost flat by its count, and what is raised on it. */
export type Light = "soft" | "domed" | "glaze" | "raised" | "none";

/** Layers that are painted one after the other and lit together. */
export type LitGroup = { light: Light; shine: Moment["shine"]; layers: Layer[] };

type Marks = Pick<CookieView["marks"][number], "move" | "state">[];

/** Where more than so many cookies stand on a page they are painted flat. */
export const MANY_COOKIES = 24;

/** More than so many are not lit each by itself. */
const MOST_RAISED = 24;

function lightOf(layer: Layer, marks: Marks): Light {
  switch (layer.role) {
    case "DOUGH":
    case "DRESSING":
    case "SPRAYED":
    case "PRINT":
      return "none";
    case "RAISED":
      return "raised";
    default: {
      const state = marks.find((mark) => mark.move === layer.move && mark.state)?.state;
      if (layer.role === "SUNK" || layer.role === "BEAD" || state === "FLOOD") return "soft";
      return state === "GLAZE" ? "glaze" : state ? "domed" : "soft";
    }
  }
}

/** The layers in the order of the painting, each with what it is lit with; a coat's pass is one, wherever its layers stand in the list. */
export function litGroups(layers: Layer[], marks: Marks, until: Moment | null): LitGroup[] {
  const groups: LitGroup[] = [];
  const coats: Record<number, LitGroup> = {};
  const raised = new Set(layers.filter((one) => one.role === "RAISED").map((one) => one.move)).size;
  let keyBefore = "";
  for (const layer of layers) {
    const light = lightOf(layer, marks);
    const shine = until ? shineOf(layer, until) : "dry";
    if (light !== "raised" && light !== "none") {
      const own = coats[layer.pass];
      if (own) {
        own.layers.push(layer);
        // The coat decides, and not what is outlined before it or sinks into it.
        if (layer.role === "COAT" || layer.role === "FLOWING") own.light = light;
        continue;
      }
      const group = (coats[layer.pass] = { light, shine, layers: [layer] });
      groups.push(group);
      keyBefore = "";
      continue;
    }
    const key = `${light} ${layer.pass} ${light === "raised" && raised <= MOST_RAISED ? layer.move : ""}`;
    if (key === keyBefore) groups[groups.length - 1]?.layers.push(layer);
    else groups.push({ light, shine, layers: [layer] });
    keyBefore = key;
  }
  return groups;
}
