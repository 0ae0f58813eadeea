import { answered, api } from "../api/client";
import type { Design, ShopCutter } from "../api/types";
import { field } from "./catalogue.svelte";
import { toast } from "./toast.svelte";

export type NewCutter = Pick<ShopCutter, "name" | "path" | "across" | "sizeMm" | "tags">;

/** The shop's own cutters, fetched where they are shown. */
class Cutters {
  all = $state.raw<ShopCutter[]>([]);

  async load(): Promise<void> {
    this.all = await answered(api.GET("/api/cutters"));
  }

  /** Adds one; throws what is wrong with it. */
  async add(cutter: NewCutter): Promise<ShopCutter> {
    const body = { ...cutter, id: 0, uid: null, drawn: null, usedIn: [] };
    const added = await answered(api.POST("/api/cutters", { body }));
    await this.load();
    return added;
  }

  async change(cutter: ShopCutter, to: Partial<NewCutter>): Promise<void> {
    await this.#say(() =>
      answered(
        api.PUT("/api/cutters/{cutter}", {
          params: { path: { cutter: cutter.id } },
          body: { ...cutter, ...to },
        }),
      ),
    );
  }

  async remove(cutter: ShopCutter): Promise<void> {
    const params = { path: { cutter: cutter.id } };
    const done = await this.#say(() => answered(api.DELETE("/api/cutters/{cutter}", { params })));
    if (!done) return;
    toast.say(
      `${cutter.name} is out of the drawer; designs that are cut with it keep its outline.`,
      {
        word: "Put it back",
        run: () =>
          void this.#say(() => answered(api.POST("/api/cutters/{cutter}/restore", { params }))),
      },
    );
  }

  async #say(call: () => Promise<unknown>): Promise<boolean> {
    try {
      await call();
      await this.load();
      return true;
    } catch (e) {
      toast.say((e as Error).message);
      return false;
    }
  }
}

export const cutters = new Cutters();

/** Cuts a design with one of the shop's own. */
export function cutWith(cutter: Design["cutter"], own: ShopCutter): void {
  cutter.shape = { kind: "own outline", path: own.path, called: own.name } as typeof cutter.shape;
  cutter.across = own.across;
  cutter.sizeMm = own.sizeMm;
}

/** What a design's cutter is called. */
export function calledCutter(cutter: Design["cutter"]): string {
  return (field(cutter.shape, "called") as string | undefined) || cutter.shape.kind;
}
