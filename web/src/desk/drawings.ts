import { answered, api, Refusal, Unreached } from "../api/client";
import type { DrawingView, MatchedColour, Problem } from "../api/types";

/** Sends a file as it is; throws as every call does when it does not succeed. */
export async function sent(address: string, body: Blob | string, type: string): Promise<Response> {
  let answer: Response;
  try {
    answer = await fetch(address, { method: "POST", body, headers: { "Content-Type": type } });
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

export type TracedPicture = { svg: string; colours: number; notes: string[] };

/**
 * Traces a picture. Calls back with what share is done; stopped by the signal.
 *
 * @param colours how many; 0 for as many as there seem to be
 */
export async function tracePicture(
  file: Blob,
  colours: number,
  signal: AbortSignal,
  progress: (share: number) => void,
): Promise<TracedPicture> {
  const answer = await fetch(`/api/pictures/trace?colours=${colours}`, {
    method: "POST",
    body: file,
    headers: { "Content-Type": file.type },
    signal,
  });
  const reader = answer.body?.getReader();
  if (!answer.ok || !reader) {
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
