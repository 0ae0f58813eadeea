import type {
  Design,
  DrawingView,
  DrawnShape,
  MatchedColour,
  WantedDrawing,
} from "../../api/types";
import { matchColours, readDrawing } from "../../desk/drawings";

export const BECOMES = {
  section: "flood",
  wet: "wet",
  raised: "raised",
  "raised fill": "fill on top",
  guide: "guide",
  "left out": "leave out",
} as const;
export type Becomes = keyof typeof BECOMES;

export const CUT_BY = {
  OUTERMOST: "the outermost shape",
  SILHOUETTE: "all of it, and a margin",
  CUTTER: "a cutter laid over it",
} as const;
export type CutBy = keyof typeof CUT_BY;

/** Shapes of one colour that become the same: a row. */
export type Group = { colour: string; becomes: Becomes; shapes: DrawnShape[]; areaMm2: number };

type Taken = { becomes?: Becomes; colour?: string };

const REST_MS = 180;

/** A drawing that is being looked at: what was read of it, and what she has set by hand. */
export class Drawn {
  file = $state.raw<{ name: string; size: number; svg: string } | null>(null);
  heightMm = $state(90);
  preview = $state.raw<DrawingView | null>(null);
  matched = $state.raw<MatchedColour[]>([]);
  trouble = $state("");
  isReading = $state(false);
  /** By shape: stays when the file is changed and read again, where the shape is the same. */
  taken = $state<Record<string, Taken>>({});
  /** Which colour of the order a colour of the drawing is, where she has chosen it. */
  colours = $state<Record<string, string>>({});
  cutBy = $state<CutBy>("OUTERMOST");
  marginMm = $state(3);
  cutter = $state<Design["cutter"]>({ shape: { kind: "round" }, across: "WIDTH", sizeMm: 90 });
  #resting: ReturnType<typeof setTimeout> | undefined;
  #asked = 0;

  constructor(readonly order: number) {}

  /** Takes a file; what was set by hand stays. */
  async open(name: string, size: number, svg: string): Promise<void> {
    this.file = { name, size, svg };
    await this.read();
  }

  /** Reads it at its size; of several readings only the last counts. */
  async read(): Promise<void> {
    const file = this.file;
    if (!file) return;
    const mine = ++this.#asked;
    this.isReading = true;
    try {
      const preview = await readDrawing(file.svg, this.heightMm);
      const matched = await matchColours(
        this.order,
        preview.colours.map((one) => one.colour),
      );
      if (mine !== this.#asked) return;
      this.preview = preview;
      this.matched = matched;
      this.trouble = "";
    } catch (e) {
      if (mine !== this.#asked) return;
      this.trouble = (e as Error).message;
      if (this.preview === null) this.file = null;
    } finally {
      if (mine === this.#asked) this.isReading = false;
    }
  }

  /** Another height: read once the hand rests. */
  resize(mm: number): void {
    this.heightMm = Math.min(300, Math.max(10, mm));
    clearTimeout(this.#resting);
    this.#resting = setTimeout(() => void this.read(), REST_MS);
  }

  becomes(shape: DrawnShape): Becomes {
    return this.taken[shape.id]?.becomes ?? (shape.becomes as Becomes);
  }

  set(shapes: DrawnShape[], becomes: Becomes): void {
    for (const shape of shapes) this.taken[shape.id] = { ...this.taken[shape.id], becomes };
  }

  readonly groups = $derived.by<Group[]>(() => {
    const all: Record<string, Group> = {};
    for (const shape of this.preview?.regions ?? []) {
      const becomes = this.becomes(shape);
      const key = `${shape.colour} ${becomes}`;
      const group = (all[key] ??= { colour: shape.colour, becomes, shapes: [], areaMm2: 0 });
      group.shapes.push(shape);
      group.areaMm2 += shape.areaMm2;
    }
    const rank = (group: Group) => (group.becomes === "left out" ? 1 : 0);
    return Object.values(all).sort((a, b) => rank(a) - rank(b));
  });

  /** Key and name of the order's colour that a colour of the drawing is; no key for a new one. */
  match(hex: string): { key: string | null; name: string } {
    const found = this.matched.find((one) => one.colour === hex);
    return { key: this.colours[hex] ?? found?.key ?? null, name: found?.name ?? hex };
  }

  wanted(name: string, count: number): WantedDrawing {
    return {
      file: this.file?.svg ?? "",
      heightMm: this.heightMm,
      name,
      count,
      edge: this.cutBy,
      marginMm: this.marginMm,
      cutter: this.cutBy === "CUTTER" ? this.cutter : undefined,
      taken: Object.entries(this.taken).map(([id, one]) => ({ id, becomes: one.becomes })),
      colours: Object.entries(this.colours).map(([colour, key]) => ({ colour, key, name: "" })),
    } as WantedDrawing;
  }
}

const open: Record<number, Drawn> = {};

/** The drawing that is looked at for an order: what was set by hand is there again when she comes back. */
export function drawnFor(order: number): Drawn {
  return (open[order] ??= new Drawn(order));
}
