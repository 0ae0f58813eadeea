import type { Move, State } from "../../api/types";
import { reference } from "../../desk/catalogue.svelte";

const STIFF_SECONDS = 80;

/** How stiff a move's icing can be, by name: the count of each in seconds, null for the usual one; none for a move without icing. */
export function countsOf(move: Move): { state: State; seconds: number | null }[] {
  const parameter = reference
    .move(move.move)
    ?.parameters.find((one) => one.name === "countSeconds");
  if (!parameter) return [];
  const named: { state: State; seconds: number | null }[] = [
    { state: "STIFF", seconds: STIFF_SECONDS },
    { state: "PIPING", seconds: reference.mean("PIPING_SECONDS") ?? null },
    { state: "MEDIUM", seconds: reference.mean("MEDIUM_SECONDS") ?? null },
    { state: "FLOOD", seconds: reference.mean("FLOOD_COUNT_SECONDS") ?? null },
  ];
  return named
    .filter(
      ({ seconds }) =>
        seconds !== null &&
        seconds >= (parameter.least ?? 0) &&
        seconds <= (parameter.most ?? Infinity),
    )
    .map(({ state, seconds }) => ({
      state,
      seconds: seconds === usual(parameter.habit) ? null : seconds,
    }));
}

const usual = (habit: Parameters<typeof reference.mean>[0] | null): number | undefined =>
  habit ? reference.mean(habit) : undefined;
