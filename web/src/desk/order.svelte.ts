import { answered, api, Refusal } from "../api/client";
import type {
  Design,
  DesignView,
  OrderDetails,
  OrderView,
  PaletteColour,
  PourView,
  Problem,
  SavedDesign,
} from "../api/types";
import { reference } from "./catalogue.svelte";
import { History, type Snapshot } from "./history.svelte";
import { Saver } from "./saver";
import { toast } from "./toast.svelte";

type DesignDraft = { count: number; document: Design };
type Conflict = { sentence: string; takeTheirs: () => void; keepMine: () => void };

/**
 * The order that lies open: what is stored, what has been typed and is on its way, and the pour that follows from it. Every
 * change is saved at once; what the server refuses stays on the screen with its sentence.
 */
class OrderDesk {
  id = $state(0);
  order = $state.raw<OrderView | null>(null);
  missing = $state("");
  unreached = $state("");
  conflict = $state.raw<Conflict | null>(null);
  readonly history = new History();

  #detailsDraft = $state.raw<OrderDetails | null>(null);
  #designDrafts = $state.raw<Record<number, DesignDraft>>({});
  #problems = $state.raw<Record<string, Problem>>({});
  #detailsSaver: Saver<OrderDetails, OrderView> | null = null;
  #designSavers = new Map<number, Saver<DesignDraft, SavedDesign>>();
  readonly #others = new BroadcastChannel("kind-thimble-orders");

  constructor() {
    this.#others.onmessage = (message: MessageEvent<number>) => {
      if (message.data === this.id) void this.refresh();
    };
    document.addEventListener("visibilitychange", () => {
      if (document.visibilityState === "visible") void this.refresh();
    });
  }

  async open(id: number): Promise<void> {
    if (this.id === id && this.order) return;
    this.id = id;
    this.known = [];
    this.order = null;
    this.missing = "";
    this.conflict = null;
    this.#detailsDraft = null;
    this.#designDrafts = {};
    this.#problems = {};
    this.#designSavers.clear();
    this.#detailsSaver = this.#newDetailsSaver(id);
    this.history.open(id);
    try {
      const [order] = await Promise.all([this.#fetch(id), reference.load()]);
      if (this.id !== id) return;
      this.order = order;
    } catch (e) {
      this.missing = (e as Error).message;
    }
  }

  /** Looks again, unless something typed is still on its way or refused. */
  async refresh(): Promise<void> {
    const id = this.id;
    if (!this.order || this.pending) return;
    try {
      const order = await this.#fetch(id);
      if (this.id === id && !this.pending) {
        this.order = order;
      }
    } catch {
      // The next look or the next save says what is wrong.
    }
  }

  readonly details = $derived<OrderDetails | null>(
    this.#detailsDraft ?? this.order?.details ?? null,
  );
  readonly pour = $derived<PourView | null>(this.order?.plan.pour ?? null);

  get pourTrouble(): string {
    return this.order?.plan.trouble ?? "";
  }

  readonly palette = $derived<PaletteColour[]>(this.order?.details.palette ?? []);

  /** Colours that a plan speaks of, which was kept when mixing started. */
  known = $state.raw<PourView["colours"]>([]);

  /** The colours of the bowls, and those of the order's palette, by key. */
  readonly #colours = $derived(
    new Map(
      [...this.known, ...(this.pour?.colours ?? []), ...this.palette].map((colour) => [
        colour.key,
        colour,
      ]),
    ),
  );
  readonly hexes = $derived<Record<string, string>>(
    Object.fromEntries([...this.#colours].map(([key, colour]) => [key, colour.hex])),
  );

  colourName(key: string): string {
    return this.#colours.get(key)?.name ?? key;
  }

  /** Whether something typed is not stored yet. */
  get pending(): boolean {
    return this.#detailsDraft !== null || Object.keys(this.#designDrafts).length > 0;
  }

  /** The designs, with what has been typed in the place of what is stored. */
  readonly designs = $derived<DesignView[]>(
    (this.order?.designs ?? []).map((design) => ({
      ...design,
      ...this.#designDrafts[design.id],
    })),
  );

  design(id: number): DesignView | undefined {
    return this.designs.find((design) => design.id === id);
  }

  get cookies(): number {
    return this.designs.reduce((sum, design) => sum + design.count, 0);
  }

  problem(of: "order" | number): Problem | null {
    return this.#problems[of] ?? null;
  }

  editDetails(change: (details: OrderDetails) => void): void {
    if (!this.details) return;
    const draft = $state.snapshot(this.details) as OrderDetails;
    change(draft);
    this.#detailsDraft = draft;
    this.#detailsSaver?.push(draft);
  }

  /** @param field names what is typed into, so that undo takes it back in one go */
  editDesign(id: number, change: (draft: DesignDraft) => void, field = ""): void {
    const now = this.design(id);
    if (!now) return;
    const before = structuredClone({ count: now.count, document: now.document });
    const draft = structuredClone(before);
    change(draft);
    this.history.keep({ design: id, ...before }, { design: id, ...draft }, field, Date.now());
    this.#put(id, draft);
  }

  undo(): void {
    this.#bringBack(this.history.undo());
  }

  redo(): void {
    this.#bringBack(this.history.redo());
  }

  async addDesign(document: Design, count: number): Promise<number | null> {
    return this.act(async () => {
      const added = await answered(
        api.POST("/api/orders/{order}/designs", {
          params: { path: { order: this.id } },
          body: { count, document },
        }),
      );
      this.#changeOrder((order) => ({
        ...order,
        designs: [...order.designs, added.design],
        plan: added.plan,
      }));
      return added.design.id;
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
    return this.addDesign({ ...structuredClone(design.document), name }, design.count);
  }

  async removeDesign(id: number): Promise<void> {
    const path = { order: this.id, design: id };
    const name = this.design(id)?.document.name ?? "";
    await this.act(async () => {
      await answered(api.DELETE("/api/orders/{order}/designs/{design}", { params: { path } }));
      this.order = await this.#fetch(path.order);
    });
    toast.say(`${name} is taken off the tray.`, {
      word: "Put it back",
      run: () =>
        void this.act(async () => {
          await answered(
            api.POST("/api/orders/{order}/designs/{design}/restore", { params: { path } }),
          );
          this.order = await this.#fetch(path.order);
        }),
    });
  }

  /** Puts a design before or behind its neighbours on the tray. */
  async shiftDesign(id: number, by: number): Promise<void> {
    const ids = this.designs.map((design) => design.id);
    const from = ids.indexOf(id);
    const to = from + by;
    if (from < 0 || to < 0 || to >= ids.length) return;
    ids.splice(to, 0, ...ids.splice(from, 1));
    await this.act(async () => {
      this.order = await answered(
        api.PUT("/api/orders/{order}/designs", {
          params: { path: { order: this.id } },
          body: { designs: ids },
        }),
      );
    });
  }

  #fetch(id: number): Promise<OrderView> {
    return answered(api.GET("/api/orders/{order}", { params: { path: { order: id } } }));
  }

  #bringBack(snapshot: Snapshot | undefined): void {
    if (snapshot && this.design(snapshot.design)) {
      this.#put(snapshot.design, { count: snapshot.count, document: snapshot.document });
    }
  }

  #put(id: number, draft: DesignDraft): void {
    this.#designDrafts = { ...this.#designDrafts, [id]: draft };
    let saver = this.#designSavers.get(id);
    if (!saver) {
      saver = this.#newDesignSaver(this.id, id);
      this.#designSavers.set(id, saver);
    }
    saver.push(draft);
  }

  #newDesignSaver(orderId: number, id: number): Saver<DesignDraft, SavedDesign> {
    const path = { order: orderId, design: id };
    return new Saver<DesignDraft, SavedDesign>(
      (draft) =>
        answered(
          api.PUT("/api/orders/{order}/designs/{design}", {
            params: { path },
            body: { version: this.#storedDesign(id)?.version ?? 0, ...draft },
          }),
        ),
      {
        stored: (stored, more) => {
          this.#setProblem(id, null);
          this.#changeOrder((order) => ({
            ...order,
            designs: order.designs.map((design) => (design.id === id ? stored.design : design)),
            plan: stored.plan,
          }));
          if (!more) this.#dropDraft(id);
          this.#settled();
        },
        refused: (problem) =>
          problem.status === 409
            ? this.#disagree(problem, (order) => {
                const draft = this.#designDrafts[id];
                this.#dropDraft(id);
                this.order = order;
                return () => draft && this.#put(id, draft);
              })
            : this.#setProblem(id, problem),
        unreached: (sentence) => (this.unreached = sentence),
      },
    );
  }

  #newDetailsSaver(id: number): Saver<OrderDetails, OrderView> {
    return new Saver<OrderDetails, OrderView>(
      (details) =>
        answered(
          api.PUT("/api/orders/{order}", {
            params: { path: { order: id } },
            body: { version: this.order?.version ?? 0, details },
          }),
        ),
      {
        stored: (stored, more) => {
          if (this.id !== id) return;
          this.#setProblem("order", null);
          this.order = stored;
          if (!more) this.#detailsDraft = null;
          this.#settled();
        },
        refused: (problem) =>
          problem.status === 409
            ? this.#disagree(problem, (order) => {
                const draft = this.#detailsDraft;
                this.#detailsDraft = null;
                this.order = order;
                return () => draft && this.editDetails((details) => Object.assign(details, draft));
              })
            : this.#setProblem("order", problem),
        unreached: (sentence) => (this.unreached = sentence),
      },
    );
  }

  /** Another tab was first: nothing is overwritten until she has said whose change stays. */
  #disagree(problem: Problem, takeTheirs: (order: OrderView) => () => void): void {
    const settle = (keepMine: boolean) => async () => {
      const again = takeTheirs(await this.#fetch(this.id));
      this.conflict = null;
      if (keepMine) again();
    };
    this.conflict = {
      sentence: problem.detail,
      takeTheirs: () => void settle(false)(),
      keepMine: () => void settle(true)(),
    };
  }

  /** Does something beside the drafts; says what went wrong, if anything did. */
  async act<T>(act: () => Promise<T>): Promise<T | null> {
    try {
      const done = await act();
      this.#settled();
      return done;
    } catch (e) {
      toast.say(e instanceof Refusal ? e.problem.detail : (e as Error).message);
      return null;
    }
  }

  #settled(): void {
    this.unreached = "";
    this.#others.postMessage(this.id);
  }

  #storedDesign(id: number): DesignView | undefined {
    return this.order?.designs.find((design) => design.id === id);
  }

  #dropDraft(id: number): void {
    this.#designDrafts = without(this.#designDrafts, id);
  }

  #setProblem(of: "order" | number, problem: Problem | null): void {
    const rest = without(this.#problems, of);
    this.#problems = problem ? { ...rest, [of]: problem } : rest;
  }

  #changeOrder(change: (order: OrderView) => OrderView): void {
    if (this.order) this.order = change(this.order);
  }
}

function without<T>(all: Record<string | number, T>, key: string | number): Record<string, T> {
  return Object.fromEntries(Object.entries(all).filter(([name]) => name !== String(key)));
}

export const desk = new OrderDesk();
