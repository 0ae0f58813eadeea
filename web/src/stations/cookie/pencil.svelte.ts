import type { Where } from "../../api/types";
import { field, reference, setField } from "../../desk/catalogue.svelte";
import { boxOf, fitted, moved, read, written } from "./drawn";
import type { Drawn, Spot } from "./drawn";
import type { Hand } from "./hand.svelte";
import { laidOf, ways, whereOf } from "./placing";

/** Draws for the move that is open: lines of its own, and outlines of its own where it lies. All points count from the cookie's middle. */
export class Pencil {
  constructor(private readonly hand: Hand) {}

  /** The move whose outline is being drawn on the cookie. */
  outlining = $state<number | null>(null);
  private pressed = $state<{ at: number | null; spots: Spot[] }>({ at: null, spots: [] });

  /** Points that were pressed for the open move, from the cookie's middle, before they are a line or an outline. */
  get begun(): Spot[] {
    return this.pressed.at === this.hand.open ? this.pressed.spots : [];
  }

  /** Begins an outline for a move, or lets it be. */
  outline(at: number | null): void {
    this.outlining = at;
    this.pressed = { at: null, spots: [] };
  }

  /** Whether the open move can have an outline of its own at a place of its own. */
  get canOutline(): boolean {
    const parameters = this.hand.move
      ? (reference.move(this.hand.move.move)?.parameters ?? [])
      : [];
    const has = (name: string) => parameters.some((one) => one.name === name);
    return this.hand.places && has("path") && has("sizeMm");
  }

  /** Whether a press or a drag on the cookie draws. */
  get draws(): boolean {
    if (this.hand.move === undefined) return false;
    return (
      laidOf(this.hand.move) === "PATH" ||
      (this.outlining !== null && this.outlining === this.hand.open)
    );
  }

  /** Whether a drag on the cookie draws a line for the open move: what can follow one is laid along it. */
  get takesStroke(): boolean {
    return this.draws || (this.hand.move !== undefined && ways(this.hand.move).includes("PATH"));
  }

  /** What is drawn of the open move, from the cookie's middle; null where it has nothing that can be taken hold of. */
  get drawn(): Drawn[] | null {
    const move = this.hand.move;
    if (!move) return null;
    if (laidOf(move) === "PATH") return read(whereOf(move).path ?? "");
    const path = this.canOutline ? String(field(move, "path") ?? "") : "";
    const [place, ...more] = whereOf(move).places ?? [];
    if (!path || laidOf(move) !== "PLACES" || !place || more.length > 0 || place.turn) return null;
    const lines = read(path);
    if (!lines?.every((line) => line.closed)) return null;
    // As large as it was drawn, and in its place; another size is another drawing.
    const box = boxOf(lines);
    if (Math.abs(box.width - Number(field(move, "sizeMm"))) > 0.2) return null;
    return moved(lines, {
      x: place.x - box.x - box.width / 2,
      y: place.y - box.y - box.height / 2,
    });
  }

  /** Gives the open move other lines, or another outline of its own. */
  setDrawn(lines: Drawn[]): void {
    const at = this.hand.open;
    const move = this.hand.move;
    if (at === null || !move) return;
    if (laidOf(move) === "PATH") {
      this.hand.setWhere(at, { ...whereOf(move), laid: "PATH", path: written(lines) });
      return;
    }
    const box = boxOf(lines);
    const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    const tenth = (mm: number) => Math.round(mm * 10) / 10;
    const where: Where = {
      ...whereOf(move),
      laid: "PLACES",
      places: [{ x: tenth(middle.x), y: tenth(middle.y) }],
    };
    const path = written(moved(lines, { x: -middle.x, y: -middle.y }));
    this.hand.edit((list) => {
      const own = list[at];
      if (!own) return;
      setField(own, "path", path);
      setField(own, "sizeMm", tenth(box.width));
      setField(own, "where", where);
    }, `${at}.path`);
  }

  /** A press where a line or an outline goes on. */
  press(spot: Spot): void {
    const lines = this.drawn ?? [];
    const last = lines.at(-1);
    if (this.outlining === null && last && this.begun.length === 0) {
      const longer = {
        ...last,
        points: [...last.points, spot],
        bends: [...last.bends, null],
      };
      this.setDrawn([...lines.slice(0, -1), longer]);
      return;
    }
    const begun = [...this.begun, spot];
    const wanted = this.outlining === null ? 2 : 3;
    if (begun.length < wanted) {
      this.pressed = { at: this.hand.open, spots: begun };
      return;
    }
    const closed = this.outlining !== null;
    this.finish({ points: begun, bends: begun.map(() => null).slice(closed ? 0 : 1), closed });
  }

  /** What was drawn in one go, from the cookie's middle: a line more, or the outline. */
  drawBy(spots: Spot[]): void {
    const line = fitted(spots);
    if (!line) return;
    if (this.outlining === null) {
      this.finish(line);
      return;
    }
    // An outline comes back to where it began, wherever the hand was lifted.
    const points = line.points.length > 2 ? line.points.slice(0, -1) : line.points;
    this.finish(
      points.length > 2
        ? { points, bends: line.bends, closed: true }
        : { points, bends: [line.bends[0] ?? null, null], closed: true },
    );
  }

  private finish(line: Drawn): void {
    const move = this.hand.move;
    const at = this.hand.open;
    if (at === null || !move) return;
    this.pressed = { at: null, spots: [] };
    if (this.outlining !== null) this.setDrawn([line]);
    else {
      const where = whereOf(move);
      // Laid in another way before, it has this line alone; beside one that was not drawn here it is one more.
      const others = laidOf(move) === "PATH" ? (this.drawn ?? []) : [];
      const before = laidOf(move) === "PATH" && this.drawn === null ? (where.path ?? "") : "";
      const path = before + written([...others, line]);
      this.hand.setWhere(at, { ...where, laid: "PATH", path });
    }
    this.outlining = null;
  }
}
