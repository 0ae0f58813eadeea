import { getContext, setContext } from "svelte";
import { answered, api, Refusal } from "../api/client";
import type {
  Design,
  DesignFile,
  DesignView,
  OrderDetails,
  OrderView,
  PaletteColour,
  PourView,
  WantedDrawing,
} from "../api/types";
import { reference } from "./catalogue.svelte";
import { live } from "./live";
import { BenchDesk } from "./bench.svelte";
import { ClockDesk } from "./clock.svelte";
import { MixingDesk } from "./mixing.svelte";
import { nameOfPlace } from "./names";
import { Paper, type Patch } from "./paper.svelte";
import { toast } from "./toast.svelte";

/** What of an order can be changed place by place. */
export type OrderTree = {
  details: OrderDetails;
  designs: Record<string, { count: number; document: Design }>;
};

/**
 * The desk of one order: what is stored of it, all of one revision, what has been changed and is on its way, and what follows from it. It
 * belongs to its order for good: what is typed here is stored there, whichever order lies open by then.
 */
export class OrderDesk {
  order = $state.raw<OrderView | null>(null);
  missing = $state("");
  /** What undo or redo has changed last: shown until the next change. */
  shown = $state.raw<{ path: string } | null>(null);
  readonly paper: Paper<OrderTree>;
  readonly mixing = new MixingDesk(this);
  readonly clock = new ClockDesk(this);
  readonly bench = new BenchDesk(this);
  #heard = { order: -1, shop: -1 };
  #opening: Promise<void> | undefined;

  constructor(readonly id: number) {
    this.paper = new Paper<OrderTree>(`order-${id}`, {
      send: (patch) => this.#send(patch),
      fetch: () => this.refresh(),
      name: (path) => nameOfPlace(path, this.order),
    });
    live.listen((heard) => {
      if (heard.order === this.id) this.#heard.order = Math.max(this.#heard.order, heard.revision);
      else if (heard.order === null) this.#heard.shop = Math.max(this.#heard.shop, heard.revision);
      else if (heard.order !== -1) return;
      void this.#follow(heard.order === -1);
    });
  }

  /** Fetches the order; then what was typed and not stored. */
  open(): Promise<void> {
    this.#opening ??= this.#open();
    return this.#opening;
  }

  async #open(): Promise<void> {
    try {
      const [order] = await Promise.all([this.#fetch(), reference.load()]);
      this.missing = "";
      this.#take(order);
      await this.paper.openDrafts();
      this.order = order;
      // What was heard while it was on its way.
      void this.#follow(false);
    } catch (e) {
      this.missing = (e as Error).message;
      this.#opening = undefined;
    }
  }

  /** Looks again. */
  async refresh(): Promise<void> {
    if (!this.order) return;
    this.show(await this.#fetch());
  }

  /** Somebody has changed the order, or the shop: what is shown is fetched where it is behind. */
  async #follow(perhaps: boolean): Promise<void> {
    const order = this.order;
    if (!order || this.paper.isSaving) return;
    if (perhaps || this.#heard.order > order.revision || this.#heard.shop > order.shop) {
      try {
        await this.refresh();
      } catch (e) {
        if (e instanceof Refusal && e.problem.status === 404) this.missing = e.message;
        // Away: the line says so, and tells when it is back.
      }
    }
  }

  /** Shows an order that has been fetched whole. */
  show(order: OrderView): void {
    if (this.order && order.revision < this.order.revision) return;
    this.#take(order);
    this.order = order;
  }

  #take(order: OrderView, isAnswer = false): void {
    const designs = Object.fromEntries(
      order.designs.map(({ id, count, document }) => [id, { count, document }]),
    );
    this.paper.take({ details: order.details, designs }, order.revision, isAnswer);
  }

  /**
   * The answer to a change holds the designs that are others now.
   *
   * @param isOfPatch whether it answers what the paper had sent: an answer to anything else must not take that for stored
   */
  async #answer(answer: OrderView, isOfPatch = false): Promise<void> {
    const before = this.order;
    const isNext = before && answer.shop === before.shop && answer.revision >= before.revision;
    const known = [...answer.designs, ...(before?.designs ?? [])];
    const designs = answer.tray.flatMap((id) => known.find((design) => design.id === id) ?? []);
    if (isNext && designs.length === answer.tray.length) {
      const order = { ...answer, designs };
      this.#take(order, isOfPatch);
      this.order = order;
    } else {
      // Of more than one revision nothing is shown.
      const order = await this.#fetch();
      this.#take(order, isOfPatch);
      this.order = order;
    }
    void this.#follow(false);
  }

  async #send(patch: Patch): Promise<void> {
    await this.#answer(
      await answered(
        api.PATCH("/api/orders/{order}", { params: { path: { order: this.id } }, body: patch }),
      ),
      true,
    );
    this.shown = null;
  }

  #fetch(): Promise<OrderView> {
    return answered(api.GET("/api/orders/{order}", { params: { path: { order: this.id } } }));
  }

  readonly details = $derived.by<OrderDetails | null>(() => this.paper.shown?.details ?? null);
  readonly pour = $derived.by<PourView | null>(() => this.order?.plan.pour ?? null);

  get pourTrouble(): string {
    return this.order?.plan.trouble ?? "";
  }

  readonly palette = $derived.by<PaletteColour[]>(() => this.order?.details.palette ?? []);

  /** Colours that a plan speaks of, which was kept when mixing started. */
  known = $state.raw<PourView["colours"]>([]);

  /** The colours of the bowls, and those of the order's palette, by key. */
  readonly #colours = $derived.by(() =>
    Object.fromEntries(
      [...this.known, ...(this.pour?.colours ?? []), ...this.palette].map((colour) => [
        colour.key,
        colour,
      ]),
    ),
  );
  readonly hexes = $derived.by<Record<string, string>>(() =>
    Object.fromEntries(Object.entries(this.#colours).map(([key, colour]) => [key, colour.hex])),
  );

  colourName(key: string): string {
    return this.#colours[key]?.name ?? key;
  }

  /** The designs, with what has been changed in the place of what is stored. */
  readonly designs = $derived.by<DesignView[]>(() =>
    (this.order?.designs ?? []).map((design) => ({
      ...design,
      ...this.paper.shown?.designs[design.id],
    })),
  );

  design(id: number): DesignView | undefined {
    return this.designs.find((design) => design.id === id);
  }

  /** Cookies handed over, as they are stored: what was refused is no cookie. */
  get cookies(): number {
    return (this.order?.designs ?? []).reduce((sum, design) => sum + design.count, 0);
  }

  /** What is wrong with a place; empty when nothing is. */
  trouble(path: string): string {
    return this.paper.trouble(path);
  }

  /** @param field what is typed into; empty for a press */
  editDetails(change: (details: OrderDetails) => void, field = "", rests = false): void {
    this.paper.change((tree) => change(tree.details), field && `details ${field}`, rests);
  }

  editDesign(
    id: number,
    change: (draft: { count: number; document: Design }) => void,
    field = "",
    rests = false,
  ): void {
    this.paper.change(
      (tree) => {
        const design = tree.designs[id];
        if (design) change(design);
      },
      field && `design ${id} ${field}`,
      rests,
    );
  }

  get steps() {
    return this.order?.steps ?? { undo: null, redo: null };
  }

  undo(): Promise<void> {
    return this.#step("undo");
  }

  redo(): Promise<void> {
    return this.#step("redo");
  }

  async #step(way: "undo" | "redo"): Promise<void> {
    await this.paper.settled();
    const params = { path: { order: this.id } };
    await this.act(async () => {
      const done = await answered(
        way === "undo"
          ? api.POST("/api/orders/{order}/undo", { params })
          : api.POST("/api/orders/{order}/redo", { params }),
      );
      this.show(done.order);
      this.shown = { path: done.path };
      toast.say(done.sentence);
      void this.mixing.lookSoon();
    });
  }

  async addDesign(document: Design, count: number): Promise<number | null> {
    return this.act(async () => {
      const added = await answered(
        api.POST("/api/orders/{order}/designs", {
          params: { path: { order: this.id } },
          body: { count, document },
        }),
      );
      await this.#answer(added);
      return added.designs[0]?.id ?? null;
    });
  }

  /** Puts a design that is made of a drawing on the tray. */
  async addDrawn(wanted: WantedDrawing): Promise<number | null> {
    return this.act(async () => {
      const added = await answered(
        api.POST("/api/orders/{order}/drawn-designs", {
          params: { path: { order: this.id } },
          body: wanted,
        }),
      );
      await this.#answer(added);
      return added.designs[0]?.id ?? null;
    });
  }

  /** Puts a design that was saved as a file on the tray. */
  async addDesignFile(file: DesignFile): Promise<number | null> {
    return this.act(async () => {
      const added = await answered(
        api.POST("/api/orders/{order}/design-files", {
          params: { path: { order: this.id } },
          body: file,
        }),
      );
      await this.#answer(added);
      return added.designs[0]?.id ?? null;
    });
  }

  /** Puts a drawing, read again, in the place of the one that a design was made of. */
  async drawAgain(id: number, wanted: WantedDrawing): Promise<number | null> {
    return this.act(async () => {
      await this.paper.settled();
      const document = await answered(
        api.POST("/api/orders/{order}/drawn-designs/{design}", {
          params: { path: { order: this.id, design: id } },
          body: wanted,
        }),
      );
      await this.refresh();
      this.editDesign(id, (draft) => (draft.document = document));
      return id;
    });
  }

  /** Puts a copy of a design on the tray. */
  async duplicateDesign(id: number): Promise<number | null> {
    const design = this.design(id);
    if (!design) return null;
    const names = this.designs.map((d) => d.document.name);
    let name = `${design.document.name} again`.slice(0, 80);
    for (let i = 2; names.includes(name); i++) {
      name = `${design.document.name.slice(0, 70)} again ${i}`;
    }
    const stored = this.order?.designs.find((one) => one.id === id) ?? design;
    return this.addDesign({ ...structuredClone(stored.document), name }, stored.count);
  }

  async removeDesign(id: number): Promise<void> {
    const path = { order: this.id, design: id };
    const name = this.design(id)?.document.name ?? "";
    const removed = await this.act(async () => {
      await this.#answer(
        await answered(api.DELETE("/api/orders/{order}/designs/{design}", { params: { path } })),
      );
      return true;
    });
    if (!removed) return;
    toast.say(`${name} is taken off the tray.`, {
      word: "Put it back",
      run: () => void this.restoreDesign(id),
    });
  }

  async restoreDesign(id: number): Promise<void> {
    const path = { order: this.id, design: id };
    await this.act(async () =>
      this.#answer(
        await answered(
          api.POST("/api/orders/{order}/designs/{design}/restore", { params: { path } }),
        ),
      ),
    );
  }

  /** Puts a design before or behind its neighbours on the tray. */
  async shiftDesign(id: number, by: number): Promise<void> {
    const ids = this.designs.map((design) => design.id);
    const from = ids.indexOf(id);
    const to = from + by;
    if (from < 0 || to < 0 || to >= ids.length) return;
    ids.splice(to, 0, ...ids.splice(from, 1));
    await this.act(async () =>
      this.#answer(
        await answered(
          api.PUT("/api/orders/{order}/designs", {
            params: { path: { order: this.id } },
            body: { designs: ids },
          }),
        ),
      ),
    );
  }

  #acting: Promise<unknown> = Promise.resolve();

  /** Does something beside the drafts, one thing after the other; says what went wrong, if anything did. */
  act<T>(act: () => Promise<T>): Promise<T | null> {
    const done = this.#acting.then(async () => {
      try {
        return await act();
      } catch (e) {
        toast.say(e instanceof Refusal ? e.problem.detail : (e as Error).message);
        return null;
      }
    });
    this.#acting = done;
    return done;
  }
}

const DESK = Symbol("desk");

/** The desk of the order that a station stands in. */
export function theDesk(): OrderDesk {
  return getContext<OrderDesk>(DESK);
}

export function provideDesk(desk: OrderDesk): void {
  setContext(DESK, desk);
}
