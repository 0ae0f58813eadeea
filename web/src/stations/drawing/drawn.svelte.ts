import type {
  Design,
  DesignFile,
  DrawingView,
  DrawnShape,
  MatchedColour,
  WantedDrawing,
} from "../../api/types";
import { type LiesOn, matchColours, readDrawing, tracePicture } from "../../desk/drawings";

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

/** Shapes of one colour that become the same: a row. Those that she gave another colour of the order have it as their own. */
export type Group = {
  colour: string;
  own: string | null;
  becomes: Becomes;
  shapes: DrawnShape[];
  areaMm2: number;
};

type Taken = { becomes?: Becomes; colour?: string };

const REST_MS = 180;
const LEAST_MM = 10;
const MOST_MM = 300;
const MOST_BYTES = 25_000_000;

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
  /** The picture that the drawing was traced from; null where it came as a drawing. */
  picture = $state.raw<File | null>(null);
  /** How far tracing is, 0 to 1; null while nothing is traced. */
  share = $state<number | null>(null);
  /** How many colours are wanted of a picture; 0 for as many as there seem to be. */
  wantedColours = $state(0);
  foundColours = $state(0);
  /** What the drawing lies on in the photo; blank where it is straight as it is. */
  liesOn = $state<LiesOn>("");
  /** Where the corners of that are, as shares of the picture. */
  corners = $state<number[]>([]);
  /** What was done to the picture. */
  notes = $state.raw<string[]>([]);
  #stopping: AbortController | undefined;
  #resting: ReturnType<typeof setTimeout> | undefined;
  #asked = 0;

  constructor(readonly order: number) {}

  /** Takes a file, a drawing or a picture; what was set by hand stays. */
  async open(file: File): Promise<void> {
    this.trouble = "";
    if (file.size > MOST_BYTES) {
      this.trouble = "This file is larger than 25 MB. Save it smaller.";
    } else if (/^image\/(png|jpeg|webp)$/.test(file.type)) {
      this.picture = file;
      this.liesOn = "";
      this.corners = [];
      await this.trace();
    } else {
      this.picture = null;
      this.notes = [];
      this.file = { name: file.name, size: file.size, svg: await file.text() };
      await this.read();
    }
  }

  /** Makes a drawing of the picture, in so many colours. */
  async trace(): Promise<void> {
    const picture = this.picture;
    if (!picture) return;
    this.stop();
    const stopping = new AbortController();
    this.#stopping = stopping;
    this.share = 0;
    try {
      const traced = await tracePicture(
        picture,
        { colours: this.wantedColours, on: this.liesOn, corners: this.corners },
        stopping.signal,
        (share) => (this.share = share),
      );
      this.notes = traced.notes;
      if (traced.heightMm > 0)
        this.heightMm = Math.min(MOST_MM, Math.max(LEAST_MM, traced.heightMm));
      this.foundColours = traced.colours;
      this.file = { name: picture.name, size: picture.size, svg: traced.svg };
      await this.read();
    } catch (e) {
      if (!stopping.signal.aborted) this.trouble = (e as Error).message;
    } finally {
      if (this.#stopping === stopping) this.share = null;
    }
  }

  /** Stops tracing. */
  stop(): void {
    this.#stopping?.abort();
    this.share = null;
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
    this.heightMm = Math.min(MOST_MM, Math.max(LEAST_MM, mm));
    clearTimeout(this.#resting);
    this.#resting = setTimeout(() => void this.read(), REST_MS);
  }

  becomes(shape: DrawnShape): Becomes {
    return this.taken[shape.id]?.becomes ?? (shape.becomes as Becomes);
  }

  set(shapes: DrawnShape[], becomes: Becomes): void {
    for (const shape of shapes) this.taken[shape.id] = { ...this.taken[shape.id], becomes };
  }

  /** Another colour of the order for some shapes of a colour, or for all of it. */
  recolour(group: Group, shapes: DrawnShape[], key: string): void {
    if (shapes.length === group.shapes.length && group.own === null) {
      this.colours[group.colour] = key;
    } else {
      for (const shape of shapes) this.taken[shape.id] = { ...this.taken[shape.id], colour: key };
    }
  }

  readonly groups = $derived.by<Group[]>(() => {
    const all: Record<string, Group> = {};
    for (const shape of this.preview?.regions ?? []) {
      const becomes = this.becomes(shape);
      const own = this.taken[shape.id]?.colour ?? null;
      const key = `${shape.colour} ${becomes} ${own}`;
      const group = (all[key] ??= { colour: shape.colour, own, becomes, shapes: [], areaMm2: 0 });
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
      taken: Object.entries(this.taken).map(([id, one]) => ({
        id,
        becomes: one.becomes,
        colour: one.colour,
      })),
      colours: Object.entries(this.colours).map(([colour, key]) => ({ colour, key, name: "" })),
    } as WantedDrawing;
  }
}

/** A design that was saved as a file; null where it is none. */
export async function savedDesign(file: File): Promise<DesignFile | null> {
  try {
    const read = JSON.parse(await file.text()) as DesignFile;
    return read.kind === "kind-thimble-design" ? read : null;
  } catch {
    return null;
  }
}

const open: Record<number, Drawn> = {};

/** The drawing that is looked at for an order: what was set by hand is there again when she comes back. */
export function drawnFor(order: number): Drawn {
  return (open[order] ??= new Drawn(order));
}
