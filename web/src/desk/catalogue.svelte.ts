import { answered, api } from "../api/client";
import { shop } from "./shop.svelte";
import type {
  BaseRecipe,
  CatalogueView,
  CutterShape,
  HabitName,
  Kind,
  Move,
  Parameter,
  ShopView,
} from "../api/types";

/** What can be planned, fetched once, and the shop's numbers as they stand. */
class Reference {
  catalogue = $state.raw<CatalogueView | null>(null);

  get shop(): ShopView | null {
    return shop.view;
  }

  get recipes(): BaseRecipe[] {
    return Object.values(shop.paper.shown?.recipes ?? {});
  }

  async load(): Promise<void> {
    const [catalogue] = await Promise.all([
      this.catalogue ?? answered(api.GET("/api/catalogue")),
      shop.open(),
    ]);
    this.catalogue = catalogue;
  }

  move(word: string): Kind | undefined {
    return this.catalogue?.moves.find((kind) => kind.word === word);
  }

  cutter(word: string): Kind | undefined {
    return this.catalogue?.cutters.find((kind) => kind.word === word);
  }

  /** How far a number goes that is typed beside moves and forms. */
  range(of: string, name: string): { least?: number; most?: number } {
    const parameter = this.catalogue?.fields[of]?.find((one) => one.name === name);
    return { least: parameter?.least ?? undefined, most: parameter?.most ?? undefined };
  }

  /** A figure of the shop, in its own unit. */
  mean(habit: HabitName): number | undefined {
    return shop.settings?.habits[habit]?.mean;
  }

  get tips(): string[] {
    return shop.settings?.tips.map((tip) => tip.name) ?? [];
  }
}

export const reference = new Reference();

/** What a new move or cutter starts with: what must be given, and a colour. */
export function startingValues(kind: Kind, colour: string): Record<string, unknown> {
  const values: Record<string, unknown> = {};
  for (const parameter of kind.parameters) {
    if (!parameter.required && parameter.name !== "colour") continue;
    if (parameter.type === "PALETTE") values[parameter.name] = colour;
    else values[parameter.name] = Number(parameter.usual);
  }
  return values;
}

/** What stands in an empty field: the number that is taken then, or a word for it. */
export function standIn(parameter: Parameter): string {
  const figure = parameter.habit ? reference.mean(parameter.habit) : undefined;
  return parameter.otherwise || (figure === undefined ? parameter.usual : String(figure)) || "";
}

/** A parameter of a move or a cutter by its name. */
export function field(of: Move | CutterShape, name: string): unknown {
  return (of as Record<string, unknown>)[name];
}

/** Sets a parameter; nothing takes it away, so that the usual counts. */
export function setField(of: Move | CutterShape, name: string, value: unknown): void {
  if (value === null || value === undefined) Reflect.deleteProperty(of, name);
  else (of as Record<string, unknown>)[name] = value;
}

/** The same moves with one colour in the place of another, wherever a move has it. */
export function recoloured(moves: Move[], from: string, to: string): Move[] {
  return moves.map((move) => {
    const colours = (reference.move(move.move)?.parameters ?? []).filter(
      (p) => p.type === "PALETTE" && field(move, p.name) === from,
    );
    const inner = field(move, "moves") as Move[] | undefined;
    return {
      ...move,
      ...Object.fromEntries(colours.map((p) => [p.name, to])),
      ...(inner ? { moves: recoloured(inner, from, to) } : {}),
    } as Move;
  });
}

/** All colours that moves have, those of small designs with them. */
export function coloursOf(moves: Move[]): string[] {
  return moves.flatMap((move) => [
    ...(reference.move(move.move)?.parameters ?? [])
      .filter((p) => p.type === "PALETTE")
      .map((p) => field(move, p.name) as string | undefined)
      .filter((key) => key !== undefined),
    ...coloursOf((field(move, "moves") as Move[] | undefined) ?? []),
  ]);
}
