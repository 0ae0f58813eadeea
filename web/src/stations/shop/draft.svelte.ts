import { answered, api, Refusal } from "../../api/client";
import type { HabitName, Problem, ShopView } from "../../api/types";
import { reference } from "../../desk/catalogue.svelte";
import { Saver } from "../../desk/saver";

export type Settings = ShopView["settings"];

/** The shop's settings as they are being changed: each change is saved by itself. */
export class ShopDraft {
  settings = $state.raw<Settings | null>(null);
  problem = $state.raw<Problem | null>(null);
  said = $state("");

  readonly #saver = new Saver<Settings, ShopView>(
    (settings) =>
      answered(api.PUT("/api/shop", { body: { version: reference.shop?.version ?? 0, settings } })),
    {
      stored: (stored) => {
        reference.shop = stored;
        this.problem = null;
        this.said = "saved; every order follows";
      },
      refused: (problem) => (this.problem = problem),
      unreached: (sentence) => (this.said = sentence),
    },
  );

  async look(): Promise<void> {
    try {
      await reference.load();
      this.settings = reference.shop?.settings ?? null;
      this.problem = null;
    } catch (e) {
      this.problem =
        e instanceof Refusal ? e.problem : { status: 0, field: "", detail: (e as Error).message };
    }
  }

  set(change: Partial<Settings>): void {
    if (!this.settings) return;
    this.settings = { ...this.settings, ...change };
    this.said = "";
    this.#saver.push(this.settings);
  }

  figure(habit: HabitName, mean: number): void {
    const was = this.settings?.habits[habit];
    if (!was || was.mean === mean) return;
    this.#measured(habit, { ...was, mean, source: "SHOP" });
  }

  putBack(habit: HabitName): void {
    const house = reference.catalogue?.habits.find((one) => one.habit === habit)?.house;
    if (house) this.#measured(habit, house);
  }

  /** What is wrong with a field, by the end of its path. */
  trouble(path: string): string {
    return this.problem?.field === `settings.${path}` ? this.problem.detail : "";
  }

  #measured(habit: HabitName, measured: Settings["habits"][string]): void {
    if (this.settings) this.set({ habits: { ...this.settings.habits, [habit]: measured } });
  }
}
