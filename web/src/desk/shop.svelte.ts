import { answered, api } from "../api/client";
import type { HabitName, ShopView } from "../api/types";
import { locale } from "../units/locale.svelte";
import { kitchen } from "../units/words.svelte";
import { live } from "./live";
import { Paper, type Patch } from "./paper.svelte";
import { parts } from "./places";
import { toast } from "./toast.svelte";

/** What of the shop can be changed place by place. */
export type ShopTree = Pick<ShopView, "settings" | "recipes" | "gels" | "stock">;
export type Settings = ShopView["settings"];

/** What belongs to the shop and to no order: settings, base recipes, bottles of gel, what is on the shelf. */
class ShopDesk {
  view = $state.raw<ShopView | null>(null);
  readonly paper = new Paper<ShopTree>("shop", {
    send: (patch) => this.#send(patch),
    fetch: () => this.refresh(),
    name: (path) => parts(path).at(-1) ?? "",
  });
  #heard = -1;
  #opening: Promise<void> | undefined;

  constructor() {
    live.listen((heard) => {
      if (heard.order !== null && heard.order !== -1) return;
      this.#heard = Math.max(this.#heard, heard.revision);
      this.#follow(heard.order === -1);
    });
  }

  #follow(perhaps: boolean): void {
    const isBehind = this.view && (perhaps || this.#heard > this.view.revision);
    if (isBehind && !this.paper.isSaving) void this.refresh().catch(() => undefined);
  }

  readonly settings = $derived.by<Settings | null>(() => this.paper.shown?.settings ?? null);

  open(): Promise<void> {
    this.#opening ??= this.#open();
    return this.#opening;
  }

  async #open(): Promise<void> {
    try {
      await this.refresh();
      await this.paper.openDrafts();
      // What was heard while it was on its way.
      this.#follow(false);
    } catch (e) {
      this.#opening = undefined;
      throw e;
    }
  }

  async refresh(): Promise<void> {
    this.take(await answered(api.GET("/api/shop")));
  }

  take(view: ShopView, isAnswer = false): void {
    if (this.view && view.revision < this.view.revision) return;
    const { settings, recipes, gels, stock, revision } = view;
    this.paper.take({ settings, recipes, gels, stock }, revision, isAnswer);
    this.view = view;
    kitchen.words = settings.words;
    locale.customs = settings.customs;
    locale.measures = settings.measures;
  }

  async #send(patch: Patch): Promise<void> {
    this.take(await answered(api.PATCH("/api/shop", { body: patch })), true);
  }

  change(change: (tree: ShopTree) => void, field = "", rests = false): void {
    this.paper.change(change, field, rests);
  }

  figure(habit: HabitName, mean: number): void {
    this.change((tree) => {
      const was = tree.settings.habits[habit];
      if (was && was.mean !== mean) {
        tree.settings.habits[habit] = { ...was, mean, source: "SHOP" };
      }
    }, `habit ${habit}`);
  }

  putBack(habit: HabitName, house: Settings["habits"][string]): void {
    this.change((tree) => (tree.settings.habits[habit] = house));
  }

  /** What is wrong with a place; empty when nothing is. */
  trouble(path: string): string {
    return this.paper.trouble(path);
  }

  get steps() {
    return this.view?.steps ?? { undo: null, redo: null };
  }

  undo(): Promise<void> {
    return this.#step(() => api.POST("/api/shop/undo"));
  }

  redo(): Promise<void> {
    return this.#step(() => api.POST("/api/shop/redo"));
  }

  async #step(
    call: () => Parameters<typeof answered<{ sentence: string; shop: ShopView }>>[0],
  ): Promise<void> {
    await this.paper.settled();
    try {
      const done = await answered(call());
      this.take(done.shop);
      toast.say(done.sentence);
    } catch (e) {
      toast.say((e as Error).message);
    }
  }
}

export const shop = new ShopDesk();
