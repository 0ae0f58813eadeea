import { getContext, setContext } from "svelte";
import type { Paper } from "../desk/paper.svelte";

type AnyPaper = Pick<Paper<object>, "trouble" | "hold">;

const PAPER = Symbol("paper");

/** The paper whose places the fields inside a component write to. */
export function thePaper(): AnyPaper | undefined {
  return getContext<AnyPaper | undefined>(PAPER);
}

export function providePaper(paper: AnyPaper): void {
  setContext(PAPER, paper);
}
