import type { Problem } from "../api/types";
import { connection } from "./connection.svelte";
import { type Draft, drafts } from "./drafts";
import { Line, outbox, type Then } from "./outbox.svelte";
import {
  applied,
  changes,
  compact,
  followed,
  isHeld,
  type Pending,
  rebased,
  without,
} from "./pending";
import { at, lies, placeOf } from "./places";
import { toast } from "./toast.svelte";

export const TYPED_TOGETHER_MS = 1500;
const REST_MS = 600;
const FIRST_WAIT_MS = 500;
const CONFLICT = 409;
const GONE = 404;

export type Patch = {
  /** The same for what is sent again: it counts once. */
  id: string;
  revision: number;
  gesture: string | null;
  edits: { path: string; now?: unknown }[];
};

/** How a paper reaches what is stored. */
export type Hooks = {
  /** Sends changes; has called {@link Paper.take} with what is stored then. */
  send: (patch: Patch) => Promise<void>;
  /** Fetches the whole anew; has called {@link Paper.take} then. */
  fetch: () => Promise<void>;
  /** Says what a place is called, for a sentence. */
  name: (path: string) => string;
};

/**
 * Something that is stored and can be changed place by place: an order, or what belongs to the shop. What she changes shows at once, is
 * kept as a draft on this device, and is sent, one patch after the other. What is refused holds back only itself.
 */
export class Paper<T extends object> {
  stored = $state.raw<T | null>(null);
  revision = $state(-1);
  pending = $state.raw<Pending[]>([]);

  readonly shown = $derived<T | null>(this.stored && applied(this.stored, this.pending));
  readonly held = $derived(this.pending.filter(isHeld));
  readonly conflicts = $derived(this.pending.filter((edit) => edit.theirs !== undefined));
  /** Whether something is on its way, or about to go. */
  readonly isSaving = $derived(this.pending.length > this.held.length);

  #resting: ReturnType<typeof setTimeout> | undefined;
  #restsUntil = 0;
  #field = "";
  #gesture = 0;
  #typedAt = 0;
  #opened = false;
  /** What is pending was not compared yet with what is stored. */
  #isBehind = false;

  constructor(
    readonly key: string,
    private readonly hooks: Hooks,
  ) {
    outbox.add(() => this.pending.length - this.held.length);
  }

  /** What is stored has been fetched, or is the answer to what was sent. */
  take(tree: T, revision: number, isAnswer = false): void {
    if (revision < this.revision) return;
    const changed = revision !== this.revision;
    this.stored = tree;
    this.revision = revision;
    if (isAnswer) this.pending = this.pending.filter((edit) => !edit.sent);
    // Of what was sent it has to be known first whether it is in there.
    if (this.#isUnknown()) this.#isBehind = true;
    else if (changed || this.#isBehind) this.#rebase(tree);
    this.#keep();
  }

  /** Whether something was sent of which nobody knows whether it arrived. */
  #isUnknown(): boolean {
    return this.pending.some((edit) => edit.patch && !edit.sent);
  }

  #rebase(tree: T): void {
    this.pending = rebased(this.pending, tree);
    this.#isBehind = false;
  }

  /** Takes up what was typed on this device and did not reach the server. */
  async openDrafts(): Promise<void> {
    if (this.#opened) return;
    this.#opened = true;
    const draft = await drafts.read(this.key);
    if (!draft || !this.stored) return;
    const again = draft.edits.map((edit) => ({ ...edit, sent: false }));
    const all = [...again, ...this.pending];
    this.pending = all;
    // What may be stored by now is sent once more before anything is compared with what is.
    if (this.#isUnknown()) this.#isBehind = true;
    else this.#rebase(this.stored);
    void this.#run();
  }

  /**
   * Changes what is shown.
   *
   * @param change given a copy that it may change
   * @param field what is typed into, so that undo takes it back in one go; empty for a press, which is dropped when it is refused
   * @param rests whether to wait until the hand rests: for words, which are nothing by halves
   */
  change(change: (tree: T) => void, field = "", rests = false): void {
    if (!this.shown) return;
    const tree = structuredClone(this.shown);
    const follow = followed(this.held, tree);
    change(tree);
    const { held, clean } = follow();
    const gesture = field === "" ? null : this.#gestureOf(field);
    const accepted = applied(
      this.stored as T,
      this.pending.filter((edit) => !isHeld(edit)),
    );
    const made = changes(accepted, clean, gesture, field !== "");
    this.pending = compact([...this.pending.filter((edit) => !isHeld(edit)), ...made, ...held]);
    this.#keep();
    if (rests) this.#rest();
    void this.#run();
  }

  /** Keeps what can't be read as it was typed, beside the sentence about it. */
  hold(path: string, text: string, sentence: string): void {
    const others = this.pending.filter((edit) => edit.path !== path || edit.sent);
    const was = at(applied(this.stored as T, others), path);
    this.pending = [
      ...others,
      { path, was, now: text, gesture: null, typed: true, sent: false, sentence },
    ];
    this.#keep();
  }

  /** What is wrong with a place; empty when nothing is. */
  trouble(path: string): string {
    return this.held.find((edit) => edit.path === path)?.sentence ?? "";
  }

  /** What is wrong with a place or anything in it. */
  troubleIn(path: string): string {
    return this.held.find((edit) => lies(edit.path, path))?.sentence ?? "";
  }

  /** Of two versions hers stays: it is stored over the other. */
  keepMine(edit: Pending): void {
    const theirs = edit.theirs?.value;
    this.pending = this.pending.map((one) =>
      one === edit ? { ...one, theirs: undefined, was: theirs } : one,
    );
    void this.#run();
  }

  /** Of two versions the other stays; or what was refused is given up. */
  drop(edit: Pending): void {
    this.pending = this.pending.filter((one) => one !== edit);
    this.#keep();
  }

  /** A field is left: nothing waits for the hand to rest. */
  flush(): void {
    clearTimeout(this.#resting);
    this.#restsUntil = 0;
    void this.#run();
  }

  /** Everything that can be stored is stored, or held. */
  async settled(): Promise<void> {
    this.flush();
    while (this.isSaving) await new Promise((resolve) => setTimeout(resolve, 20));
  }

  #gestureOf(field: string): string {
    const now = Date.now();
    if (field !== this.#field || now - this.#typedAt > TYPED_TOGETHER_MS) this.#gesture++;
    this.#field = field;
    this.#typedAt = now;
    return `${STARTED}-${this.#gesture}`;
  }

  #rest(): void {
    this.#restsUntil = Date.now() + REST_MS;
    clearTimeout(this.#resting);
    this.#resting = setTimeout(() => {
      this.#restsUntil = 0;
      void this.#run();
    }, REST_MS);
  }

  #keep(): void {
    if (this.#opened || this.pending.length > 0) {
      const edits: Draft["edits"] = this.pending;
      drafts.write(this.key, { edits });
    }
  }

  async #run(): Promise<void> {
    if (this.stored) await this.#line.send();
  }

  #oneByOne = false;
  readonly #line = new Line<Pending[]>({
    next: () => {
      const batch = this.#next(this.#oneByOne);
      if (batch.length === 0) this.#oneByOne = false;
      return batch.length > 0 ? batch : undefined;
    },
    send: async (batch) => {
      const patch = batch[0]?.patch ?? { id: crypto.randomUUID(), revision: this.revision };
      this.#mark(batch, { sent: true, patch });
      this.#keep();
      await this.hooks.send({
        ...patch,
        gesture: batch[0]?.gesture ?? null,
        edits: batch.map(({ path, now }) => (now === undefined ? { path } : { path, now })),
      });
      this.#oneByOne = false;
      this.pending = this.pending.filter((edit) => !edit.sent);
      this.#keep();
    },
    failed: () => {
      this.pending = this.pending.map((edit) => (edit.sent ? { ...edit, sent: false } : edit));
    },
    refused: async (_, problem): Promise<Then> => {
      // It is not stored: it may go otherwise now.
      this.pending = this.pending.map((edit) =>
        edit.patch ? { ...edit, patch: undefined } : edit,
      );
      if (problem.status === CONFLICT) await this.#fetchAgain();
      else this.#oneByOne = this.#refuse(problem, this.#oneByOne);
      return problem.status === GONE ? "stop" : "next";
    },
  });

  async #fetchAgain(): Promise<void> {
    const before = this.revision;
    try {
      await this.hooks.fetch();
    } catch (e) {
      connection.away((e as Error).message);
    }
    if (this.revision === before) await connection.wait(FIRST_WAIT_MS);
  }

  /** Changes of one gesture that nothing keeps back, in their order. */
  #next(oneByOne: boolean): Pending[] {
    const ready = this.pending.filter((edit) => !isHeld(edit));
    const first = ready[0];
    if (!first || Date.now() < this.#restsUntil) return [];
    if (first.patch) return ready.filter((edit) => edit.patch?.id === first.patch?.id);
    if (oneByOne) return [first];
    const end = ready.findIndex((edit) => edit.gesture !== first.gesture);
    return end < 0 ? ready : ready.slice(0, end);
  }

  #mark(batch: Pending[], change: Partial<Pending>): void {
    this.pending = this.pending.map((edit) =>
      batch.includes(edit) ? { ...edit, ...change } : edit,
    );
  }

  /**
   * Holds what is to blame back: as typed, beside its sentence. A press that is refused is said and dropped.
   *
   * @return whether to send one change after the other, to find the one that is to blame
   */
  #refuse(problem: Problem, alone: boolean): boolean {
    const sent = this.#next(alone);
    const place = placeOf(problem.field);
    const blamed =
      sent.findLast((edit) => edit.path === place) ??
      sent.findLast((edit) => place !== "" && (lies(place, edit.path) || lies(edit.path, place))) ??
      (sent.length === 1 ? sent[0] : undefined);
    if (!blamed) return true;
    const group = blamed.typed ? [blamed] : sent.filter((edit) => !edit.typed);
    if (blamed.typed) {
      this.#mark(group, { sentence: problem.detail });
    } else {
      this.pending = without(this.pending, group, this.stored);
      toast.say(problem.detail);
    }
    this.#keep();
    return false;
  }
}

const STARTED = Date.now().toString(36);
