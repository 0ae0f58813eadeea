import { createStore, del, get, keys, set } from "idb-keyval";
import { answered, api } from "../api/client";
import type { BenchEvent, BenchPressed, BenchView } from "../api/types";
import { instantOf } from "../units/dates";
import { lasting } from "../units/format";
import { connection } from "./connection.svelte";
import { notAmong } from "./pressed";
import { live } from "./live";
import type { OrderDesk } from "./order.svelte";
import { Line, outbox, type Then } from "./outbox.svelte";
import { Play } from "./play";
import { BenchScale } from "./scale.svelte";
import { reach } from "./reach.svelte";
import { tab } from "./tab";
import { toast } from "./toast.svelte";

const OVERTAKEN = 409;
const DEVICE = "kind-thimble-device";
const BETWEEN = "@";
const MOST_AT_ONCE = 200;
/** After these the clock may have put something anew. */
const PLANS = ["BEGUN", "DONE", "UNDONE", "REDONE", "BROKE", "ADDED"];
/** These say of what plan they are, so that the notebook can learn from them. */
const MEASURES = ["COUNT", "WEIGHED", "DONE", "BAG"];
const QUIET_MS = 700;
const SET_MS = 2_000;
const LONGEST_NAME = 40;

/** What this device is called where it was not let in under a name: made once, and kept. */
function keptName(): string {
  try {
    const kept = localStorage.getItem(DEVICE);
    if (kept) return kept;
    const made = `device ${Math.random().toString(36).slice(2, 6)}`;
    localStorage.setItem(DEVICE, made);
    return made;
  } catch {
    return "this device";
  }
}

/**
 * An order at the bench. What is pressed shows at once, is kept on this device, and is sent; until the kitchen's computer has confirmed it, it
 * stays here, over a reload and a crash.
 */
export class BenchDesk {
  view = $state.raw<BenchView | null>(null);
  trouble = $state("");
  /** Pressed here and not confirmed yet. */
  pending = $state.raw<BenchEvent[]>([]);
  #own = $state(keptName());
  /** What this device is called; by that name steps belong to it. */
  get device(): string {
    return reach.view?.name || this.#own;
  }

  /** Calls it otherwise. Where it was let in under a name, that is changed on Devices. */
  call(name: string): void {
    const tidy = name.trim().slice(0, LONGEST_NAME);
    if (!tidy) return;
    this.#own = tidy;
    try {
      localStorage.setItem(DEVICE, tidy);
    } catch {
      // It lasts until the page is left.
    }
  }

  readonly pressed = $derived<BenchEvent[]>([...(this.view?.pressed ?? []), ...this.pending]);
  readonly play: Play;
  readonly scale: BenchScale;
  /** How far the clock of this device is before that of the kitchen's computer. */
  #ahead: number | null = null;
  #last = 0;
  #store = store();
  #opening: Promise<void> | undefined;
  #asked = 0;
  /** Something was heard while the first look was on its way. */
  #isBehind = false;
  #nth = 0;

  constructor(private readonly desk: OrderDesk) {
    outbox.add(() => this.pending.length);
    this.scale = new BenchScale(() => desk.id);
    this.play = new Play(
      () => desk.id,
      (view) => {
        this.#asked++;
        this.#take(view);
      },
    );
    live.listen((heard) => {
      if (!this.view) this.#isBehind = true;
      else if (heard.order === -1) void this.look();
      else if (heard.bench != null) void this.#follow();
    });
  }

  get #key(): string {
    return `order-${this.desk.id}`;
  }

  /** Fetches what is to be done; then sends what was pressed here and never arrived. */
  open(): Promise<void> {
    this.#opening ??= this.#open();
    return this.#opening;
  }

  async #open(): Promise<void> {
    try {
      const left = await this.#left();
      if (left.length > 0) {
        this.pending = [...left, ...notAmong(left, this.pending)];
        this.#keep();
      }
    } catch {
      // A private window keeps nothing.
    }
    await this.look();
    if (this.#isBehind) void this.#follow();
    void this.#line.send();
  }

  /** What this tab had pressed before a reload, and what those had that are no more: of two tabs each keeps its own. */
  async #left(): Promise<BenchEvent[]> {
    const store = this.#store;
    if (!store) return [];
    const left: BenchEvent[] = [];
    for (const name of await keys<string>(store)) {
      const [of = "", whose = ""] = name.split(BETWEEN);
      if (of !== this.#key || !(await tab.mayTake(whose))) continue;
      left.push(...((await get<BenchEvent[]>(name, store)) ?? []));
      await del(name, store);
    }
    return left;
  }

  async look(): Promise<void> {
    const asked = ++this.#asked;
    try {
      const view = await answered(
        api.GET("/api/orders/{order}/bench", { params: { path: { order: this.desk.id } } }),
      );
      if (asked === this.#asked) this.#take(view);
    } catch (e) {
      if (asked === this.#asked && !this.view) this.trouble = (e as Error).message;
    }
  }

  /** Something was pressed elsewhere: that at once; what the clock makes of it when it is quiet again. */
  async #follow(): Promise<void> {
    try {
      this.#merge(
        await answered(
          api.GET("/api/orders/{order}/bench/pressed", {
            params: { path: { order: this.desk.id }, query: { after: this.view?.seen ?? 0 } },
          }),
        ),
      );
    } catch {
      // The next look tells it.
    }
  }

  /** Adds what is new to what is known. */
  #merge(since: BenchPressed): void {
    if (!this.view) return;
    const fresh = notAmong(this.view.pressed, since.pressed);
    this.#setClock(since.now);
    this.view = {
      ...this.view,
      now: since.now,
      seen: Math.max(this.view.seen, since.seen),
      pressed: [...this.view.pressed, ...fresh],
    };
    this.#confirmed(since.pressed);
    // A play that began or ended elsewhere is another kitchen.
    if (since.seed !== this.view.seed) void this.look();
    else if (fresh.some((event) => PLANS.includes(event.what))) this.#lookSoon();
  }

  #soon: ReturnType<typeof setTimeout> | undefined;

  #lookSoon(): void {
    clearTimeout(this.#soon);
    this.#soon = setTimeout(() => void this.look(), QUIET_MS);
  }

  #take(view: BenchView): void {
    // What was heard of meanwhile stays.
    const newer =
      this.view && this.view.seen > view.seen ? notAmong(view.pressed, this.view.pressed) : [];
    this.view = { ...view, pressed: [...view.pressed, ...newer] };
    this.#setClock(view.now);
    this.trouble = "";
    this.#confirmed(this.view.pressed);
  }

  /** What has arrived needs not be kept here any more. */
  #confirmed(events: BenchEvent[]): void {
    const there = events.map((event) => event.id);
    if (this.pending.some((event) => there.includes(event.id))) {
      this.pending = this.pending.filter((event) => !there.includes(event.id));
      this.#keep();
    }
  }

  /** An answer is told later than it was made: of several the one that took least is right, unless a clock was set meanwhile. */
  #setClock(now: string): void {
    const ahead = Date.now() - Date.parse(now);
    if (this.#ahead === null || ahead < this.#ahead || ahead > this.#ahead + SET_MS)
      this.#ahead = ahead;
  }

  /** What time it is in the kitchen, in ms; never earlier than what was pressed last. */
  time(): number {
    return Math.max(this.#last, Date.now() - (this.#ahead ?? 0));
  }

  /** Something was pressed. */
  press(what: BenchEvent["what"], step: string, amount = 0, words = ""): BenchEvent {
    // What is pressed later is later, also where a clock is set meanwhile.
    this.#last = Math.max(Math.floor(this.time()), this.#last + 1);
    const event: BenchEvent = {
      id: `${this.device.replace(/[^A-Za-z0-9]+/g, "-").slice(0, 30)}-${Date.now().toString(36)}-${(this.#nth++).toString(36)}`,
      at: instantOf(this.#last),
      device: this.device,
      what,
      step,
      amount,
      words,
      against: MEASURES.includes(what) ? this.#against(step, what === "BAG" ? words : null) : null,
    };
    this.pending = [...this.pending, event];
    this.#keep();
    void this.#line.send();
    return event;
  }

  /** What plan something is pressed against, with the bag that is weighed. */
  #against(step: string, weighed: string | null): BenchEvent["against"] {
    const plan = this.view?.steps.find((one) => one.key === step)?.against ?? null;
    const bag = this.view?.bags.find((one) => one.key === weighed);
    if (!plan || !bag) return plan;
    const { key, fills, keepsGrams, drinks } = bag;
    return { ...plan, bag: { key, fills, keepsGrams, drinks } };
  }

  #keep(): void {
    const store = this.#store;
    if (!store) return;
    // Plain copies: what a page holds may not be what a database takes.
    const kept = structuredClone(this.pending);
    void tab.name.then((own) => set(this.#key + BETWEEN + own, kept, store)).catch(() => undefined);
  }

  #most = MOST_AT_ONCE;
  readonly #line = new Line<BenchEvent[]>({
    next: () => {
      if (this.pending.length > 0) return this.pending.slice(0, this.#most);
      this.#most = MOST_AT_ONCE;
      return undefined;
    },
    send: async (batch) => {
      const since = await answered(
        api.POST("/api/orders/{order}/bench", {
          params: { path: { order: this.desk.id }, query: { after: this.view?.seen ?? 0 } },
          body: batch,
        }),
      );
      this.#merge(since);
      this.#arrived(batch);
      if (since.movedSeconds) toast.say(wrongClock(since.movedSeconds));
    },
    refused: (batch, problem): Then => {
      if (problem.status === OVERTAKEN) {
        connection.away(problem.detail);
        return "wait";
      }
      if (batch.length > 1) {
        // One of them is to blame, and no other is lost for it: one after the other.
        this.#most = 1;
      } else {
        // Refused for good: it is said, and not tried again.
        toast.say(problem.detail);
        this.#arrived(batch);
      }
      return "next";
    },
  });

  /** It needs to be kept here no more. */
  #arrived(batch: BenchEvent[]): void {
    this.pending = this.pending.filter((event) => !batch.includes(event));
    this.#keep();
  }
}

/** @param movedSeconds less than 0 where the device's clock is ahead */
function wrongClock(movedSeconds: number): string {
  const minutes = Math.max(1, Math.round(Math.abs(movedSeconds) / 60));
  return `The clock of this device is ${lasting(minutes)} ${movedSeconds < 0 ? "ahead of" : "behind"} the kitchen computer's. What was pressed counts by that one.`;
}

function store() {
  if (!("indexedDB" in globalThis)) return undefined;
  try {
    return createStore("kind-thimble-bench", "pressed");
  } catch {
    return undefined;
  }
}
