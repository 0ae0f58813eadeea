import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { DrawingView, DrawnShape } from "../../api/types";
import * as drawings from "../../desk/drawings";
import { Later } from "../../testing/server";
import { Drawn, savedDesign } from "./drawn.svelte";

const shape = (id: string, colour: string, areaMm2: number, becomes = "section") =>
  ({ id, colour, areaMm2, becomes }) as unknown as DrawnShape;

const view = (...regions: DrawnShape[]) =>
  ({
    regions,
    colours: [...new Set(regions.map((one) => one.colour))].map((colour) => ({ colour })),
  }) as unknown as DrawingView;

const KITE = view(
  shape("a", "#D5473F", 400),
  shape("b", "#D5473F", 100),
  shape("c", "#FFFFFF", 50, "left out"),
  shape("d", "#2A3E6C", 30, "raised"),
);

const svg = (name = "kite.svg") => new File(["<svg/>"], name, { type: "image/svg+xml" });

let drawn: Drawn;
beforeEach(() => {
  drawn = new Drawn(1);
  vi.spyOn(drawings, "readDrawing").mockImplementation(() => Promise.resolve(KITE));
  vi.spyOn(drawings, "matchColours").mockImplementation((_, hexes) =>
    Promise.resolve(
      hexes.map((colour) => ({
        colour,
        key: colour === "#2A3E6C" ? "navy" : null,
        name: colour === "#2A3E6C" ? "Navy" : "New",
      })) as never,
    ),
  );
});
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

const rows = () => drawn.groups.map(({ colour, becomes, areaMm2 }) => [colour, becomes, areaMm2]);

describe("a drawing", () => {
  it("shows one row for each colour and what that becomes, what is left out last", async () => {
    await drawn.open(svg());
    expect(rows()).toEqual([
      ["#D5473F", "section", 500],
      ["#2A3E6C", "raised", 30],
      ["#FFFFFF", "left out", 50],
    ]);
  });

  it("keeps what was set by hand when it is read again", async () => {
    await drawn.open(svg());
    const red = drawn.groups[0];
    if (red) drawn.set(red.shapes.slice(1), "wet");
    await drawn.open(svg("kite again.svg"));
    expect(rows()).toContainEqual(["#D5473F", "wet", 100]);
    expect(rows()).toContainEqual(["#D5473F", "section", 400]);
    expect(drawn.wanted("Kite", 12).taken).toEqual([
      { id: "b", becomes: "wet", colour: undefined },
    ]);
  });

  it("gives another colour to all of a colour, or to some shapes of it", async () => {
    await drawn.open(svg());
    const [red] = drawn.groups;
    if (!red) throw new Error("no row");
    drawn.recolour(red, red.shapes, "poppy");
    expect(drawn.match("#D5473F").key).toBe("poppy");
    expect(drawn.groups).toHaveLength(3);
    drawn.recolour(red, red.shapes.slice(0, 1), "sky");
    expect(drawn.groups).toHaveLength(4);
    const wanted = drawn.wanted("Kite", 12);
    expect(wanted.colours).toEqual([{ colour: "#D5473F", key: "poppy", name: "" }]);
    expect(wanted.taken).toEqual([{ id: "a", becomes: undefined, colour: "sky" }]);
  });

  it("takes the order's colour that looks the same, and else a new one", async () => {
    await drawn.open(svg());
    expect(drawn.match("#2A3E6C")).toEqual({ key: "navy", name: "Navy" });
    expect(drawn.match("#D5473F")).toEqual({ key: null, name: "New" });
    expect(drawn.match("#123456")).toEqual({ key: null, name: "#123456" });
  });

  it("is as the last reading says, whichever comes last", async () => {
    await drawn.open(svg());
    const older = new Later<DrawingView>();
    vi.mocked(drawings.readDrawing).mockImplementationOnce(() => older.promise);
    const first = drawn.read();
    vi.mocked(drawings.readDrawing).mockResolvedValueOnce(view(shape("z", "#000000", 9)));
    await drawn.read();
    older.comes(KITE);
    await first;
    expect(rows()).toEqual([["#000000", "section", 9]]);
    expect(drawn.isReading).toBe(false);
  });

  it("is read once when the hand that changes its size rests, within what a cookie can be", async () => {
    await drawn.open(svg());
    vi.useFakeTimers();
    for (const mm of [80, 70, 4]) drawn.resize(mm);
    expect(drawn.heightMm).toBe(10);
    await vi.advanceTimersByTimeAsync(1_000);
    expect(drawings.readDrawing).toHaveBeenCalledTimes(2);
    drawn.resize(4_000);
    expect(drawn.heightMm).toBe(300);
  });

  it("that can't be read says why, and what was seen before stays", async () => {
    vi.mocked(drawings.readDrawing).mockRejectedValueOnce(new Error("No shapes in it."));
    await drawn.open(svg());
    expect(drawn.trouble).toBe("No shapes in it.");
    expect(drawn.file).toBeNull();
    await drawn.open(svg());
    expect(drawn.trouble).toBe("");
    vi.mocked(drawings.readDrawing).mockRejectedValueOnce(new Error("No shapes in it."));
    await drawn.open(svg("other.svg"));
    expect(drawn.preview).not.toBeNull();
  });

  it("that is too large is not sent", async () => {
    const large = svg();
    Object.defineProperty(large, "size", { value: 25_000_001 });
    await drawn.open(large);
    expect(drawn.trouble).toContain("25 MB");
    expect(drawings.readDrawing).not.toHaveBeenCalled();
  });
});

describe("a picture", () => {
  const picture = () => new File(["…"], "kite.png", { type: "image/png" });

  it("is traced, with how far that is, and then read at the size that was found", async () => {
    const seen: (number | null)[] = [];
    vi.spyOn(drawings, "tracePicture").mockImplementation((_, __, ___, progress) => {
      progress(0.5);
      seen.push(drawn.share);
      return Promise.resolve({ svg: "<svg/>", colours: 4, notes: ["straightened"], heightMm: 999 });
    });
    await drawn.open(picture());
    expect(seen).toEqual([0.5]);
    expect(drawn.share).toBeNull();
    expect(drawn.foundColours).toBe(4);
    expect(drawn.heightMm).toBe(300);
    expect(drawn.notes).toEqual(["straightened"]);
  });

  it("that is stopped says nothing was wrong", async () => {
    vi.spyOn(drawings, "tracePicture").mockImplementation(
      (_, __, signal) =>
        new Promise((_resolve, reject) =>
          signal.addEventListener("abort", () => reject(new Error("aborted"))),
        ),
    );
    const opening = drawn.open(picture());
    drawn.stop();
    await opening;
    expect(drawn.trouble).toBe("");
    expect(drawn.share).toBeNull();
  });
});

describe("a design that was saved as a file", () => {
  it("is known by what it says of itself", async () => {
    const saved = (text: string) => savedDesign(new File([text], "kite.json"));
    expect(await saved('{"kind": "kind-thimble-design", "format": 1}')).not.toBeNull();
    expect(await saved('{"kind": "something else"}')).toBeNull();
    expect(await saved("kite")).toBeNull();
  });
});
