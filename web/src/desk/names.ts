import type { OrderView } from "../api/types";
import { parts } from "./places";

const OF_ORDER: Record<string, string> = {
  name: "Order",
  client: "For",
  handOver: "Hand-over",
  floodSeconds: "Flood counts",
  fullness: "Fullness of coats",
  recipe: "Base",
  filling: "Filled by",
  notes: "Notes",
  allergies: "Allergies",
  place: "Handed over",
  packing: "Packed",
  bundles: "Handed over as one",
  extra: "Running short",
};

/** What a place of an order is called, for a sentence about it. */
export function nameOfPlace(path: string, order: OrderView | null): string {
  const [first = "", second = "", third, ...rest] = parts(path);
  if (first === "designs") {
    const name = order?.designs.find((d) => d.id === Number(second))?.document.name ?? "A design";
    if (third === "count") return `How many of ${name}`;
    if (rest[0] === "moves" && rest[1] !== undefined) {
      const move = order?.designs.find((d) => d.id === Number(second))?.document.moves[
        Number(rest[1])
      ];
      return `${name}: ${move?.move ?? "a move"}`;
    }
    return rest[0] === "moves" ? `${name}: its moves` : name;
  }
  if (second === "palette") {
    const colour = order?.details.palette[Number(third)];
    return colour ? `The colour ${colour.name}` : "The palette";
  }
  return OF_ORDER[second] ?? "The order";
}

/** Where a place of an order is on the screen. */
export function addressOfPlace(path: string, order: number): string {
  const [first, second, third] = parts(path);
  if (first === "designs" && third !== "count") return `/orders/${order}/cookie/${second}`;
  if (first === "details" && ["extra", "recipe", "filling"].includes(second ?? "")) {
    return `/orders/${order}/bowls`;
  }
  return `/orders/${order}`;
}
