import createClient from "openapi-fetch";
import type { paths } from "./schema";
import type { Problem } from "./types";

/** The typed client; addresses and bodies follow the OpenAPI description. */
export const api = createClient<paths>({ baseUrl: "/" });

const LOOKING = ["GET", "HEAD", "OPTIONS"];
const OUT = 401;

/** The token that a page sends with each change, over the home network; nothing at the kitchen's own computer. */
export function token(): Record<string, string> {
  const cookie = document.cookie.split("; ").find((one) => one.startsWith("XSRF-TOKEN="));
  return cookie ? { "X-XSRF-TOKEN": decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) } : {};
}

let out = (): void => undefined;

/** Says what is to be done when this device is not let in. */
export function whenOut(then: () => void): void {
  out = then;
}

api.use({
  onRequest({ request }) {
    if (!LOOKING.includes(request.method))
      for (const [name, value] of Object.entries(token())) request.headers.set(name, value);
    return request;
  },
  onResponse({ response }) {
    if (response.status === OUT) out();
  },
});

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
