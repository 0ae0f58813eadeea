import { answered, api, Refusal, token, Unreached } from "../api/client";
import type { DrawingView, MatchedColour, Problem, SeenOutline } from "../api/types";

/** Sends a file as it is; throws as every call does when it does not succeed. */
export async function sent(address: string, body: Blob | string, type: string): Promise<Response> {
  let answer: Response;
  try {
    answer = await fetch(address, {
      method: "POST",
      body,
      headers: { "Content-Type": type, ...token() },
    });
  } catch {
    throw new Unreached();
  }
  if (answer.ok) return answer;
  const problem = (await answer.json().catch(() => ({}))) as Partial<Problem>;
  throw new Refusal({
    status: answer.status,
    field: problem.field ?? "",
    detail: problem.detail ?? "This file can't be read. Try another one.",
  });
}

/** What can be seen of a drawing, so many mm tall. */
export async function readDrawing(svg: string, heightMm: number): Promise<DrawingView> {
  const address = `/api/cookies/svg-preview?heightMm=${heightMm}`;
  return (await sent(address, svg, "image/svg+xml")).json() as Promise<DrawingView>;
}

/** Which colours of an order look like those of a drawing. */
export function matchColours(order: number, hexes: string[]): Promise<MatchedColour[]> {
  return answered(
    api.POST("/api/orders/{order}/drawing-colours", { params: { path: { order } }, body: hexes }),
  );
}

export type TracedPicture = { svg: string; colours: number; notes: string[]; heightMm: number };

/** What something lies on in a photo; blank for nothing that is known. */
export type LiesOn = "" | "A4" | "Letter" | "frame";

/** What is wanted of a picture: how many colours (0 for as many as there seem to be), and what it lies on. */
export type WantedPicture = { colours: number; on: LiesOn; corners: number[] };

const picture = (file: Blob, path: string, query: Record<string, string>) =>
  sent(`/api/pictures/${path}?${new URLSearchParams(query)}`, file, file.type);

/** Where the corners of a sheet or of a frame are seen, as shares of the picture; none where they are not made out. */
export async function findCorners(file: Blob, on: LiesOn): Promise<number[]> {
  const found = (await (await picture(file, "corners", { on })).json()) as { corners: number[] };
  return found.corners;
}

/** The outline of what lies on a sheet of paper. */
export async function outlineOf(file: Blob, on: LiesOn, corners: number[]): Promise<SeenOutline> {
  const query = { on, corners: corners.join(",") };
  return (await (await picture(file, "outline", query)).json()) as SeenOutline;
}

/** The outline of all of a drawing, so many mm tall. */
export async function outlineOfDrawing(svg: string, heightMm: number): Promise<SeenOutline> {
  const address = `/api/cookies/svg-outline?heightMm=${heightMm}`;
  return (await (await sent(address, svg, "image/svg+xml")).json()) as SeenOutline;
}

/**
 * Traces a picture. Calls back with what share is done; stopped by the signal.
 */
export async function tracePicture(
  file: Blob,
  wanted: WantedPicture,
  signal: AbortSignal,
  progress: (share: number) => void,
): Promise<TracedPicture> {
  const query = new URLSearchParams({
    colours: String(wanted.colours),
    ...(wanted.on ? { on: wanted.on, corners: wanted.corners.join(",") } : {}),
  });
  const answer = await fetch(`/api/pictures/trace?${query}`, {
    method: "POST",
    body: file,
    headers: { "Content-Type": file.type, ...token() },
    signal,
  });
  // Who has begun to read an answer line by line can't read it whole any more.
  const reader = answer.ok ? answer.body?.getReader() : undefined;
  if (!reader) {
    const problem = (await answer.json().catch(() => ({}))) as Partial<Problem>;
    throw new Error(problem.detail ?? "This picture can't be read. Try another one.");
  }
  const decoder = new TextDecoder();
  let text = "";
  for (;;) {
    const { done, value } = await reader.read();
    text += decoder.decode(value, { stream: !done });
    const lines = text.split("\n");
    text = lines.pop() ?? "";
    for (const line of lines.filter(Boolean)) {
      const said = JSON.parse(line) as Partial<TracedPicture> & {
        share?: number;
        trouble?: string;
      };
      if (said.trouble) throw new Error(said.trouble);
      if (said.share !== undefined) progress(said.share);
      if (said.svg !== undefined) return said as TracedPicture;
    }
    if (done) throw new Error("The tracing broke off. Try once more.");
  }
}
