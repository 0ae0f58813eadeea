import { afterEach, describe, expect, it, vi } from "vitest";
import { Refusal, Unreached } from "../api/client";
import { Random } from "../testing/random";
import { Paper, type Patch } from "./paper.svelte";
import { put } from "./places";

type Design = {
  count: number;
  note: string;
  moves: { move: string; colour: string; mm: number }[];
};
type Tree = { name: string; notes: Record<string, string>; designs: Record<string, Design> };

const START: Tree = {
  name: "Kites",
  notes: {},
  designs: {
    1: { count: 12, note: "", moves: [{ move: "flood", colour: "sky", mm: 1 }] },
    2: { count: 6, note: "", moves: [{ move: "flood", colour: "poppy", mm: 1 }] },
  },
};

/** One server, and devices that change the same order; answers take their time, and some never come. */
class Kitchen {
  tree = structuredClone(START);
  revision = 0;
  readonly #known = new Set<string>();

  constructor(readonly random: Random) {}

  device(): Paper<Tree> {
    const paper: Paper<Tree> = new Paper("order-1", {
      send: (patch) => this.#send(paper, patch),
      fetch: async () => {
        await this.#wait();
        paper.take(this.tree, this.revision);
      },
      name: (path) => path,
    });
    paper.take(this.tree, this.revision);
    return paper;
  }

  #wait(): Promise<void> {
    return new Promise((resolve) => setTimeout(resolve, 5 + this.random.below(400)));
  }

  async #send(paper: Paper<Tree>, patch: Patch): Promise<void> {
    await this.#wait();
    if (this.random.below(12) === 0) throw new Unreached();
    if (!this.#known.has(patch.id)) {
      if (patch.revision !== this.revision)
        throw new Refusal({ status: 409, field: "revision", detail: "stale" });
      for (const edit of patch.edits) this.tree = put(this.tree, edit.path, edit.now);
      this.revision++;
      this.#known.add(patch.id);
    }
    const { tree, revision } = this;
    await this.#wait();
    // Stored, and nobody heard of it.
    if (this.random.below(12) === 0) throw new Unreached();
    paper.take(tree, revision, true);
  }
}

afterEach(() => vi.useRealTimers());

/** A change that nobody takes back: each has a word of its own by which it is found again. */
function change(paper: Paper<Tree>, random: Random, word: string): void {
  const design = random.one(["1", "2"]);
  switch (random.below(3)) {
    case 0:
      paper.change((tree) => {
        tree.notes[word] = word;
      }, `note ${word}`);
      break;
    case 1:
      paper.change((tree) => {
        tree.designs[design]?.moves.push({ move: "dot", colour: word, mm: 1 });
      });
      break;
    default:
      // Added, and its size typed at once.
      paper.change((tree) => {
        tree.designs[design]?.moves.push({ move: "line", colour: word, mm: 1 });
      });
      paper.change((tree) => {
        const moves = tree.designs[design]?.moves ?? [];
        const own = moves.find((move) => move.colour === word);
        if (own) own.mm = 7;
      }, `size ${word}`);
  }
}

/** Whether a change is stored, or stands beside what is stored, to be chosen. */
function isThere(word: string, kitchen: Kitchen, papers: Paper<Tree>[]): boolean {
  const stored = JSON.stringify(kitchen.tree);
  const sized = Object.values(kitchen.tree.designs)
    .flatMap((design) => design.moves)
    .find((move) => move.colour === word);
  if (stored.includes(`"${word}"`) && (sized?.move !== "line" || sized.mm === 7)) return true;
  return papers.some((paper) =>
    paper.conflicts.some((edit) => JSON.stringify(edit.now ?? null).includes(`"${word}"`)),
  );
}

const RUNS = 600;
const LONGEST_MS = 60_000;

describe("several devices on one order", () => {
  it(
    "lose nothing, whoever is first and however long answers take",
    async () => {
      vi.useFakeTimers();
      for (let run = 1; run <= RUNS; run++) {
        const random = new Random(run);
        const kitchen = new Kitchen(random);
        const papers = Array.from({ length: 2 + random.below(3) }, () => kitchen.device());
        const words: string[] = [];
        for (let i = 0; i < 4 + random.below(8); i++) {
          const word = `w${run}-${i}`;
          words.push(word);
          change(random.one(papers), random, word);
          if (random.below(3) > 0) await vi.advanceTimersByTimeAsync(random.below(900));
        }
        await vi.advanceTimersByTimeAsync(120_000);
        expect(papers.filter((paper) => paper.isSaving)).toEqual([]);
        const lost = words.filter((word) => !isThere(word, kitchen, papers));
        expect(lost, `run ${run}`).toEqual([]);
        const laid = Object.values(kitchen.tree.designs)
          .flatMap((design) => design.moves)
          .map((move) => move.colour);
        const twice = words.filter((word) => laid.indexOf(word) !== laid.lastIndexOf(word));
        expect(twice, `run ${run}`).toEqual([]);
      }
    },
    LONGEST_MS,
  );
});
