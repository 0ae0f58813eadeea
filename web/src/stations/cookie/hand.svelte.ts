import { tick } from "svelte";
import type { DesignView, Laid, Move, Place, Where } from "../../api/types";
import { field, reference, setField } from "../../desk/catalogue.svelte";
import type { OrderDesk } from "../../desk/order.svelte";
import {
  earlierMarks,
  laidOf,
  placeAt,
  placesNow,
  sizeOf,
  started,
  ways,
  whereOf,
} from "./placing";
import { meant, toggled } from "./sections";
import { Pencil } from "./pencil.svelte";
import { changeSmall, smallMoves } from "./small";

/** What is in hand at the Cookie station: the move that is open, the sections that are chosen, and what a press on the drawing does. */
export class Hand {
  open = $state<number | null>(null);
  /** Under the pointer in the list. */
  hovered = $state<number | null>(null);
  /** Sections that the next move goes on. */
  chosen = $state<string[]>([]);
  /** Key of the colour in hand while no move is open: what is pressed next is flooded with it, what is added next has it. */
  bowl = $state<string | null>(null);
  /** Draws lines and outlines for the open move. */
  readonly pencil = new Pencil(this);
  readonly lit = $derived(this.hovered ?? this.open);

  /**
   * @param design what is looked at: a design, or a small one that a move of it sets on the cookie
   * @param within the index of that move; null for the design itself
   * @param enter looks at the small design of a move
   */
  constructor(
    private readonly desk: OrderDesk,
    private readonly design: () => DesignView,
    readonly within: number | null = null,
    readonly enter: (at: number) => void = () => undefined,
  ) {}

  /** Where its moves are kept. */
  get movesPlace(): string {
    const own = `/designs/${this.design().id}/document/moves`;
    return this.within === null ? own : `${own}/${this.within}/moves`;
  }

  get moves(): Move[] {
    return this.design().document.moves;
  }

  /** Its moves as they are stored, from which what is known of them was worked out. */
  get measured(): Move[] {
    const id = this.design().id;
    const own = this.desk.order?.designs.find((one) => one.id === id)?.document.moves ?? [];
    return this.within === null ? own : smallMoves(own[this.within]);
  }

  get move(): Move | undefined {
    return this.open === null ? undefined : this.moves[this.open];
  }

  /** Whether marks of the open move can be put where the cookie is pressed. */
  get places(): boolean {
    return this.move !== undefined && ways(this.move).includes("PLACES");
  }

  /** Whether the open move lies on sections. */
  get liesOnSections(): boolean {
    return (
      this.move !== undefined &&
      (reference.move(this.move.move)?.parameters ?? []).some((one) => one.name === "on")
    );
  }

  edit(change: (moves: Move[]) => void, what = ""): void {
    const within = this.within;
    this.desk.editDesign(
      this.design().id,
      (draft) => {
        if (within === null) change(draft.document.moves);
        else changeSmall(draft.document.moves[within], change);
      },
      within === null || !what ? what : `${within}/${what}`,
    );
  }

  set(at: number, name: string, value: unknown): void {
    this.edit((list) => {
      const move = list[at];
      if (move) setField(move, name, value);
    }, `${at}.${name}`);
  }

  setWhere(at: number, where: Where): void {
    this.set(at, "where", where);
  }

  /** A press on the drawing. */
  press(x: number, y: number, section: string | null): void {
    const cookie = this.design().cookie;
    const at = this.open;
    const move = this.move;
    if (!cookie) return;
    if (at === null || !move) {
      if (!section) return;
      if (this.bowl === null) this.choose(section);
      else this.flood([section], this.bowl);
    } else if (this.pencil.draws) {
      this.pencil.press({ x: x - cookie.middle.x, y: y - cookie.middle.y });
    } else if (this.places && section && this.isElsewhere(move, section)) {
      // Its marks lie on other sections: this one is for what comes next.
      this.open = null;
      this.chosen = [section];
    } else if (this.places) {
      const where = whereOf(move);
      const now = laidOf(move) === "PLACES" ? (where.places ?? []) : [];
      this.setPlaces(at, [...now, placeAt(cookie, x, y)]);
    } else if (section && this.liesOnSections && cookie.sections.length > 1) {
      this.set(at, "on", this.toggledOn(String(field(move, "on") ?? ""), section) || null);
    } else if (section && !this.liesOnSections) {
      this.choose(section);
    }
  }

  /** Whether a move lies on sections of its own, and this is none of them. */
  private isElsewhere(move: Move, section: string): boolean {
    const on = String(field(move, "on") ?? "");
    return on !== "" && !meant(on, this.design().cookie?.sections ?? []).includes(section);
  }

  /** Words with one section more or less; a group that holds it is spelt out first. */
  private toggledOn(on: string, section: string): string {
    const sections = this.design().cookie?.sections ?? [];
    const names = meant(on, sections);
    const spelt = names.includes(section) && !on.split(/[\s,]+/).includes(section);
    return toggled(spelt ? names.join(" ") : on, section);
  }

  /**
   * Gives the open move a colour, or floods the chosen sections with it: those that one flood covers already change theirs. With nothing in hand it
   * is taken for the next press; once more puts it down.
   */
  colour(key: string): void {
    if (this.open !== null) {
      if (this.move?.move === "flood") this.recolour(this.open, key);
      else this.set(this.open, "colour", key);
    } else if (this.chosen.length > 0) {
      const chosen = this.chosen;
      this.chosen = [];
      this.flood(chosen, key);
    } else {
      this.bowl = this.bowl === key ? null : key;
    }
  }

  private flood(wanted: string[], key: string): void {
    const sections = this.design().cookie?.sections ?? [];
    const own = this.moves.findIndex(
      (move) => move.move === "flood" && (sections.length < 2 || this.isOn(move, wanted)),
    );
    if (own >= 0) {
      this.recolour(own, key);
      return;
    }
    const flood: Move = { move: "flood", colour: key };
    if (sections.length > 1) flood.on = wanted.join(" ");
    this.edit((list) => list.push(flood));
  }

  private isOn(move: Move, wanted: string[]): boolean {
    const sections = this.design().cookie?.sections ?? [];
    return (
      meant(String(field(move, "on") ?? ""), sections)
        .sort()
        .join(" ") === [...wanted].sort().join(" ")
    );
  }

  /** What followed a flood's colour last, with the colour that it had: a second press of the same colour parts them. */
  private followed: { flood: number; key: string; outlines: number[]; was: string } | null = null;

  /** A flood in another colour, and the outlines of the same sections that had its colour with it. */
  private recolour(flood: number, key: string): void {
    const move = this.moves[flood];
    const was = move ? String(field(move, "colour") ?? "") : "";
    const last = this.followed;
    if (last && last.flood === flood && last.key === key && was === key) {
      this.followed = null;
      // Where the list was sorted meanwhile, what stands there now is no outline that followed.
      const outlines = last.outlines.filter((i) => {
        const one = this.moves[i];
        return one?.move === "outline" && field(one, "colour") === key;
      });
      this.edit((list) => this.paint(list, outlines, last.was), `${flood}.colour`);
      return;
    }
    if (!move || was === key) return;
    const sections = this.design().cookie?.sections ?? [];
    const own = meant(String(field(move, "on") ?? ""), sections);
    const outlines = this.moves.flatMap((one, i) =>
      one.move === "outline" && field(one, "colour") === was && this.isOn(one, own) ? [i] : [],
    );
    this.followed = outlines.length > 0 ? { flood, key, outlines, was } : null;
    this.edit((list) => this.paint(list, [flood, ...outlines], key), `${flood}.colour`);
  }

  private paint(list: Move[], which: number[], key: string): void {
    for (const i of which) {
      const move = list[i];
      if (move) setField(move, "colour", key);
    }
  }

  /** Gives the icing of the open move a count in seconds; null for the usual one. */
  stiff(seconds: number | null): void {
    if (this.open !== null) this.set(this.open, "countSeconds", seconds);
  }

  choose(section: string): void {
    this.chosen = this.chosen.includes(section)
      ? this.chosen.filter((one) => one !== section)
      : [...this.chosen, section];
  }

  /** Opens the move whose mark was pressed. */
  take(at: number): void {
    this.open = at;
    void tick().then(() => {
      document
        .querySelector<HTMLElement>(`[data-move="${at}"]`)
        ?.scrollIntoView({ block: "nearest" });
    });
  }

  /** Lays the marks of a move in another way. */
  lay(at: number, laid: Laid): void {
    const move = this.moves[at];
    if (!move) return;
    const where = started(laid, whereOf(move), this.moves, at);
    this.edit((list) => {
      const own = list[at];
      if (!own) return;
      setField(own, "where", where);
      if (laid === "MARKS" && own.move === "dot") this.fitInto(own, where.marks ?? "", at);
    }, `${at}.where`);
  }

  /** A dot on a dot that is no larger would hide it: it gets the next smaller size. */
  private fitInto(dot: Move, marks: string, at: number): void {
    const under = earlierMarks(this.moves, at).find((one) => one.words === marks)?.label;
    const below = under?.move === "dot" ? sizeOf(under) : null;
    const own = sizeOf(dot);
    if (!under || !below || !own || own.mm < below.mm) return;
    if (!field(under, "diameterMm") && field(under, "size") !== "SMALL") {
      setField(dot, "size", field(under, "size") === "LARGE" ? "MEDIUM" : "SMALL");
    } else setField(dot, "diameterMm", Math.max(1, Math.round(below.mm) / 2));
  }

  setPlaces(at: number, places: Place[]): void {
    const move = this.moves[at];
    if (move) this.setWhere(at, { ...whereOf(move), laid: "PLACES", places });
  }

  /** Puts one mark elsewhere: however they were placed, they are then at places of their own. */
  movePlace(at: number, nth: number, change: (place: Place) => Place): void {
    const move = this.moves[at];
    const cookie = this.design().cookie;
    if (!move || !cookie) return;
    const places = placesNow(move, at, cookie);
    this.setPlaces(
      at,
      places.map((place, i) => (i === nth ? change(place) : place)),
    );
  }

  removePlace(at: number, nth: number): void {
    const move = this.moves[at];
    const cookie = this.design().cookie;
    if (!move || !cookie) return;
    const left = placesNow(move, at, cookie).filter((_, i) => i !== nth);
    if (left.length > 0) this.setPlaces(at, left);
  }

  /** On both sides of the cookie's middle, or on one again. */
  mirror(at: number): void {
    const move = this.moves[at];
    if (!move) return;
    const { mirrored, ...rest } = whereOf(move);
    this.setWhere(at, mirrored ? rest : { ...rest, mirrored: "BOTH_SIDES" });
  }
}
