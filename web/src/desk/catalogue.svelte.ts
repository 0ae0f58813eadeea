import { answered, api } from "../api/client";
import { kitchen } from "../units/words.svelte";
import type {
  BaseRecipe,
  CatalogueView,
  HabitName,
  Kind,
  Move,
  Parameter,
  ShopView,
} from "../api/types";

/** What can be planned, and the shop's numbers: fetched once. */
class Reference {
  catalogue = $state.raw<CatalogueView | null>(null);
  #shop = $state.raw<ShopView | null>(null);
  recipes = $state.raw<BaseRecipe[]>([]);

  get shop(): ShopView | null {
    return this.#shop;
  }

  set shop(shop: ShopView | null) {
    this.#shop = shop;
    if (shop) kitchen.words = shop.settings.words;
  }

  async load(): Promise<void> {
    const [catalogue, shop, recipes] = await Promise.all([
      this.catalogue ?? answered(api.GET("/api/catalogue")),
      answered(api.GET("/api/shop")),
      answered(api.GET("/api/recipes")),
    ]);
    this.recipes = recipes;
    this.catalogue = catalogue;
    this.shop = shop;
  }

  move(word: string): Kind | undefined {
    return this.catalogue?.moves.find((kind) => kind.word === word);
  }

  cutter(word: string): Kind | undefined {
    return this.catalogue?.cutters.find((kind) => kind.word === word);
  }

  /** A figure of the shop, in its own unit. */
  mean(habit: HabitName): number | undefined {
    return this.shop?.settings.habits[habit]?.mean;
  }

  get tips(): string[] {
    return this.shop?.settings.tips.map((tip) => tip.name) ?? [];
  }
}

export const reference = new Reference();

/** What a new move or cutter starts with: only what must be given. */
export function startingValues(kind: Kind, colour: string): Record<string, unknown> {
  const values: Record<string, unknown> = {};
  for (const parameter of kind.parameters) {
    if (!parameter.required) continue;
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

/** The same moves with one colour in the place of another, wherever a move has it. */
export function recoloured(moves: Move[], from: string, to: string): Move[] {
  return moves.map((move) => {
    const colours = (reference.move(move.move)?.parameters ?? []).filter(
      (p) => p.type === "PALETTE" && move[p.name] === from,
    );
    return { ...move, ...Object.fromEntries(colours.map((p) => [p.name, to])) };
  });
}
