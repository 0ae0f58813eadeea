import { answered, api } from "../api/client";
import type { BenchView, PracticeDeed, PracticeOutcome } from "../api/types";
import { toast } from "./toast.svelte";

const HOUR_SECONDS = 3_600;
const SEEDS = 1_000_000;

type Deed = Partial<PracticeDeed> & Pick<PracticeDeed, "what" | "step">;

/** An order in the practice kitchen: its scale, icing and hands are played. */
export class Play {
  #queue: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly of: () => number,
    private readonly take: (view: BenchView) => void,
  ) {}

  async #ask(asked: Promise<BenchView>): Promise<void> {
    try {
      this.take(await asked);
    } catch (e) {
      toast.say((e as Error).message);
    }
  }

  begin(): Promise<void> {
    const seed = 1 + Math.floor(Math.random() * SEEDS);
    return this.#ask(
      answered(
        api.POST("/api/orders/{order}/practice/begin", {
          params: { path: { order: this.of() } },
          body: { seed },
        }),
      ),
    );
  }

  /** Ends it: what was pressed in play is taken back. */
  end(): Promise<void> {
    return this.#ask(
      answered(
        api.POST("/api/orders/{order}/practice/end", { params: { path: { order: this.of() } } }),
      ),
    );
  }

  /** Puts the clock of the play forward. */
  later(seconds = HOUR_SECONDS): Promise<void> {
    return this.#ask(
      answered(
        api.POST("/api/orders/{order}/practice/later", {
          params: { path: { order: this.of() } },
          body: { seconds: Math.round(seconds) },
        }),
      ),
    );
  }

  /** Does something with the hands, one deed after the other; null where the kitchen does not answer. */
  act(deed: Deed): Promise<PracticeOutcome | null> {
    const body: PracticeDeed = {
      name: "",
      wanted: 0,
      nth: 0,
      fromMs: 0,
      toMs: 0,
      isLast: false,
      ...deed,
    };
    const done = this.#queue.then(async () => {
      try {
        return await answered(
          api.POST("/api/orders/{order}/practice/deeds", {
            params: { path: { order: this.of() } },
            body,
          }),
        );
      } catch (e) {
        toast.say((e as Error).message);
        return null;
      }
    });
    this.#queue = done;
    return done;
  }
}
