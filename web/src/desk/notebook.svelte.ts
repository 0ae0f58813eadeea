import { answered, api, Refusal } from "../api/client";
import type { FigureKnown, Noted, NotebookView } from "../api/types";
import { plural } from "../units/format";
import { live } from "./live";
import { shop } from "./shop.svelte";
import { toast } from "./toast.svelte";

/** A note by hand, as it is sent: the fields of its kind. */
export type Written = Record<string, string | number | null>;

/** The shop's notebook: what was measured, and what every figure is by now. */
class NotebookDesk {
  view = $state.raw<NotebookView | null>(null);
  trouble = $state("");
  #asked = 0;
  #isOpen = false;

  constructor() {
    live.listen((heard) => {
      if (this.#isOpen && (heard.order === null || heard.order === -1)) void this.look();
    });
  }

  open(): Promise<void> {
    this.#isOpen = true;
    return this.look();
  }

  async look(): Promise<void> {
    const asked = ++this.#asked;
    try {
      const view = await answered(api.GET("/api/notebook"));
      if (asked !== this.#asked) return;
      this.view = view;
      this.trouble = "";
    } catch (e) {
      if (asked === this.#asked && !this.view) this.trouble = (e as Error).message;
    }
  }

  /** @returns why it was not written; empty where it was */
  async write(note: Written, insteadOf: string | null = null): Promise<string> {
    try {
      this.#take(await answered(api.POST("/api/notebook/notes", { body: { note, insteadOf } })));
      toast.say("It is noted.", { word: "Undo", run: () => void shop.undo() });
      return "";
    } catch (e) {
      return e instanceof Refusal ? e.problem.detail : (e as Error).message;
    }
  }

  /** Takes the notes of a table over. */
  takeOver(table: string): Promise<void> {
    return this.#do(async () => {
      const taken = await answered(
        api.POST("/api/notebook/table", {
          body: table,
          bodySerializer: (text) => text,
          headers: { "Content-Type": "text/csv" },
        }),
      );
      toast.say(`${plural(taken.notes, "note")} brought in.`, {
        word: "Undo",
        run: () => void shop.undo(),
      });
      return taken.notebook;
    });
  }

  takeBack(note: Noted): Promise<void> {
    const params = { path: { id: note.id } };
    return this.#do(() => answered(api.DELETE("/api/notebook/notes/{id}", { params })));
  }

  keep(note: Noted, keep: boolean): Promise<void> {
    return this.#do(() => answered(api.PUT("/api/notebook/kept", { body: { id: note.id, keep } })));
  }

  decide(figure: FigureKnown, way: FigureKnown["decided"]): Promise<void> {
    return this.#do(() =>
      answered(api.PUT("/api/notebook/figures", { body: { figure: figure.figure, way } })),
    );
  }

  async #do(act: () => Promise<NotebookView>): Promise<void> {
    try {
      this.#take(await act());
    } catch (e) {
      toast.say(e instanceof Refusal ? e.problem.detail : (e as Error).message);
    }
  }

  #take(view: NotebookView): void {
    this.#asked++;
    this.view = view;
    void shop.refresh().catch(() => undefined);
  }
}

export const notebook = new NotebookDesk();
