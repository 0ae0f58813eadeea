import createClient from "openapi-fetch";
import type { paths } from "./schema";
import type { Problem } from "./types";

/** The typed client; addresses and bodies follow the OpenAPI description. */
export const api = createClient<paths>({ baseUrl: "/" });

/** A call that the server answered with a problem. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** A call that did not reach the server. */
export class Unreached extends Error {
  constructor() {
    super(
      "The kitchen computer does not answer. What you type is kept on this device, and sent as soon as it answers.",
    );
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** Waits for a call; throws {@link Refusal} or {@link Unreached} when it does not succeed. */
export async function answered<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch {
    throw new Unreached();
  }
  if (answer.response.ok) return answer.data as T;
  const error = (answer.error ?? {}) as Partial<Problem>;
  throw new Refusal({
    status: answer.response.status,
    field: error.field ?? "",
    detail: error.detail ?? "Something went wrong, and nothing was saved. Try once more.",
  });
}
