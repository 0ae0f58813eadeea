import createClient from "openapi-fetch";
import { connection, Unreached } from "../desk/connection.svelte";
import type { paths } from "./schema";
import type { Problem } from "./types";

const LOOKING = ["GET", "HEAD", "OPTIONS"];
const OUT = 401;
const NOT_NOW = 503;

/** The typed client; addresses and bodies follow the OpenAPI description. */
export const api = createClient<paths>({ baseUrl: "/", fetch: reaching });

/** Asks once only, as `fetch` of a call: for what is so just now, and is nothing while nobody says so. */
export const once = (request: Request): Promise<Response> => fetch(request);

/** What only looks changes nothing: it is asked again and again until it is answered. */
function reaching(request: Request): Promise<Response> {
  if (!LOOKING.includes(request.method)) return fetch(request);
  return connection.persist(async () => {
    let response: Response;
    try {
      response = await fetch(request.clone());
    } catch {
      throw new Unreached();
    }
    if (response.status === NOT_NOW) throw await notNow(response);
    return response;
  });
}

async function notNow(response: Response): Promise<Unreached> {
  const problem = (await response.json().catch(() => ({}))) as Partial<Problem>;
  return new Unreached(problem.detail);
}

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

export { Unreached };

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
  if (answer.response.status === NOT_NOW) throw new Unreached(error.detail);
  throw new Refusal({
    status: answer.response.status,
    field: error.field ?? "",
    detail: error.detail ?? "Something went wrong, and nothing was saved. Try once more.",
  });
}
