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
