import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Refusal, Unreached } from "../api/client";
import { findCorners, readDrawing, sent, tracePicture } from "./drawings";

type Answers = (address: string, sent: RequestInit) => Response | Promise<Response>;

let calls: { address: string; sent: RequestInit }[];
beforeEach(() => {
  calls = [];
  vi.stubGlobal("document", { cookie: "" });
});
afterEach(() => vi.unstubAllGlobals());

function answering(answers: Answers): void {
  vi.stubGlobal("fetch", (address: string, init: RequestInit) => {
    calls.push({ address, sent: init });
    return Promise.resolve(answers(address, init));
  });
}

const json = (of: unknown, status = 200) => new Response(JSON.stringify(of), { status });
const PICTURE = new File(["…"], "kite.png", { type: "image/png" });

describe("a file that is sent", () => {
  it("goes as it is, by its sort, with the token of a device that was let in", async () => {
    vi.stubGlobal("document", { cookie: "a=1; XSRF-TOKEN=k%2Fey" });
    answering(() => json({ regions: [] }));
    await readDrawing("<svg/>", 90);
    expect(calls[0]?.address).toBe("/api/cookies/svg-preview?heightMm=90");
    expect(calls[0]?.sent).toMatchObject({
      method: "POST",
      body: "<svg/>",
      headers: { "Content-Type": "image/svg+xml", "X-XSRF-TOKEN": "k/ey" },
    });
  });

  it("that is refused says why, by field", async () => {
    answering(() => json({ field: "heightMm", detail: "Write a height." }, 422));
    const refused = await sent("/api/x", "x", "text/plain").catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Refusal);
    expect((refused as Refusal).problem).toEqual({
      status: 422,
      field: "heightMm",
      detail: "Write a height.",
    });
  });

  it("that is refused by something that knows no sentence has one all the same", async () => {
    answering(() => new Response("<html>", { status: 413 }));
    await expect(sent("/api/x", "x", "text/plain")).rejects.toThrow("can't be read");
  });

  it("that does not arrive is said to be kept", async () => {
    vi.stubGlobal("fetch", () => Promise.reject(new TypeError("no")));
    await expect(sent("/api/x", "x", "text/plain")).rejects.toBeInstanceOf(Unreached);
  });

  it("of a photo says what it lies on", async () => {
    answering(() => json({ corners: [0, 0, 1, 0, 1, 1, 0, 1] }));
    expect(await findCorners(PICTURE, "A4")).toHaveLength(8);
    expect(calls[0]?.address).toBe("/api/pictures/corners?on=A4");
  });
});

/** An answer that comes in pieces, wherever they are cut. */
function inPieces(...pieces: string[]): Response {
  const bytes = new TextEncoder();
  return new Response(
    new ReadableStream({
      start(controller) {
        for (const piece of pieces) controller.enqueue(bytes.encode(piece));
        controller.close();
      },
    }),
  );
}

const WANTED = { colours: 4, on: "", corners: [] } as const;
const trace = (shares: number[] = [], signal = new AbortController().signal) =>
  tracePicture(PICTURE, { ...WANTED, corners: [] }, signal, (share) => shares.push(share));

describe("a picture that is traced", () => {
  it("tells how far it is, line by line, however the lines arrive", async () => {
    const done = '{"svg":"<svg/>","colours":4,"notes":[],"heightMm":80}\n';
    answering(() =>
      inPieces(
        '{"share":0.',
        '25}\n{"share":0.5}\n',
        '{"sha',
        're":1}\n' + done.slice(0, 9),
        done.slice(9),
      ),
    );
    const shares: number[] = [];
    expect(await trace(shares)).toMatchObject({ svg: "<svg/>", colours: 4 });
    expect(shares).toEqual([0.25, 0.5, 1]);
    expect(calls[0]?.address).toBe("/api/pictures/trace?colours=4");
  });

  it("says what is wrong with it, also after it has begun", async () => {
    answering(() => inPieces('{"share":0.5}\n', '{"trouble":"Too many colours."}\n'));
    await expect(trace()).rejects.toThrow("Too many colours.");
    answering(() => json({ detail: "This is no picture." }, 422));
    await expect(trace()).rejects.toThrow("This is no picture.");
  });

  it("whose answer breaks off is no picture", async () => {
    answering(() => inPieces('{"share":0.5}\n'));
    await expect(trace()).rejects.toThrow("broke off");
  });

  it("is stopped by who asked for it", async () => {
    const stop = new AbortController();
    answering(() => inPieces('{"svg":"<svg/>","colours":1,"notes":[],"heightMm":0}\n'));
    await trace([], stop.signal);
    expect(calls[0]?.sent.signal).toBe(stop.signal);
  });

  it("tells its corners only where it lies on something", async () => {
    answering(() => inPieces('{"svg":"<svg/>","colours":1,"notes":[],"heightMm":0}\n'));
    await tracePicture(
      PICTURE,
      { colours: 0, on: "frame", corners: [0.1, 0.2] },
      new AbortController().signal,
      () => undefined,
    );
    expect(calls[0]?.address).toBe("/api/pictures/trace?colours=0&on=frame&corners=0.1%2C0.2");
  });
});
