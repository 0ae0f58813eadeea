/** What a call carries. */
export type Call = {
  params?: { path?: Record<string, string | number>; query?: Record<string, unknown> };
  body?: unknown;
  /** How it is asked, where that is not as usual. */
  fetch?: unknown;
};

type Handler = (call: Call) => unknown;

/** An answer of the server that is no success. */
export class Fails {
  constructor(
    readonly status: number,
    readonly detail = "no",
    readonly field = "",
  ) {}
}

/** The server does not answer at all. */
export const AWAY = Symbol("away");

/**
 * Stands in for the server behind the typed client: each address answers as a test says, with what it returns, a {@link Fails}, {@link AWAY}, or a
 * promise of one of these.
 */
export class Server {
  readonly calls: { way: string; call: Call }[] = [];
  readonly #handlers = new Map<string, Handler>();

  on(way: string, handler: Handler): void {
    this.#handlers.set(way, handler);
  }

  /** What was sent to an address. */
  sent(way: string): Call[] {
    return this.calls.filter((one) => one.way === way).map((one) => one.call);
  }

  async #answer(method: string, path: string, call: Call = {}) {
    const way = `${method} ${path}`;
    // As it is sent: what a page changes later is no part of it.
    const { fetch, ...sent } = call;
    this.calls.push({ way, call: { ...structuredClone(sent), ...(fetch ? { fetch } : {}) } });
    const handler = this.#handlers.get(way);
    if (!handler) throw new Error(`the test has no answer for ${way}`);
    const answer = await handler(call);
    if (answer === AWAY) throw new TypeError("fetch failed");
    if (answer instanceof Fails) {
      const { status, detail, field } = answer;
      return { error: { status, detail, field }, response: { ok: false, status } };
    }
    return { data: answer, response: { ok: true, status: 200 } };
  }

  /** In the place of the typed client. */
  readonly api = Object.fromEntries(
    ["GET", "POST", "PUT", "PATCH", "DELETE"].map((method) => [
      method,
      (path: string, call?: Call) => this.#answer(method, path, call),
    ]),
  );
}

/** Something that is answered when a test says so. */
export class Later<T> {
  #resolve: (value: T) => void = () => undefined;
  readonly promise = new Promise<T>((resolve) => (this.#resolve = resolve));

  comes(value: T): void {
    this.#resolve(value);
  }
}
