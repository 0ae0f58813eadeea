import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Refusal, Unreached } from "../api/client";
import { connection } from "./connection.svelte";
import { Line, outbox, type Then } from "./outbox.svelte";

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
  connection.reached();
});

/** Sends letters; each is answered as the list says, and the last answer again and again. */
function post(letters: string[], answers: (undefined | Error)[], then: Then = "next") {
  const sent: string[] = [];
  const line = new Line<string>({
    next: () => letters[0],
    send: (letter) => {
      sent.push(letter);
      const answer = answers[Math.min(sent.length, answers.length) - 1];
      if (answer) return Promise.reject(answer);
      letters.shift();
      return Promise.resolve();
    },
    refused: () => {
      letters.shift();
      return then;
    },
  });
  return { line, sent, letters };
}

const refusal = new Refusal({ status: 422, field: "", detail: "not that" });
const fault = new Refusal({ status: 500, field: "", detail: "a fault" });

describe("a line of things on their way", () => {
  it("sends one after the other, and what comes while it does so", async () => {
    const { line, sent, letters } = post(["a", "b"], [undefined]);
    const done = line.send();
    letters.push("c");
    await line.send();
    await done;
    expect(sent).toEqual(["a", "b", "c"]);
  });

  it("sends what is there as soon as it is there, also in the moment after it found nothing", async () => {
    const { line, sent, letters } = post([], [undefined]);
    void line.send();
    letters.push("a");
    await line.send();
    expect(sent).toEqual(["a"]);
  });

  it("waits longer each time that nothing answers, says so, and loses nothing", async () => {
    const { line, sent } = post(["a"], [new Unreached(), fault, new Unreached(), undefined]);
    const done = line.send();
    await vi.advanceTimersByTimeAsync(499);
    expect(sent).toHaveLength(1);
    expect(connection.sentence).toContain("does not answer");
    await vi.advanceTimersByTimeAsync(1);
    expect(sent).toHaveLength(2);
    expect(connection.sentence).toBe("a fault");
    await vi.advanceTimersByTimeAsync(999);
    expect(sent).toHaveLength(2);
    await vi.advanceTimersByTimeAsync(1 + 2_000);
    await done;
    expect(sent).toEqual(["a", "a", "a", "a"]);
    expect(connection.sentence).toBe("");
  });

  it("goes on with the next, or no further, as is said of what was refused", async () => {
    const on = post(["a", "b"], [refusal, undefined]);
    await on.line.send();
    expect(on.sent).toEqual(["a", "b"]);
    const off = post(["a", "b"], [refusal, undefined], "stop");
    await off.line.send();
    expect(off.sent).toEqual(["a"]);
    await off.line.send();
    expect(off.sent).toEqual(["a", "b"]);
  });
});

describe("the outbox", () => {
  it("counts what waits in all of its sources", async () => {
    const before = outbox.waiting;
    outbox.add(() => 2);
    outbox.add(() => 1);
    await Promise.resolve();
    expect(outbox.waiting).toBe(before + 3);
  });

  it("says that an answer takes long once it does, and no more when it has come", async () => {
    let answer = (): void => undefined;
    const done = outbox.watched(new Promise((resolve) => (answer = resolve)));
    await vi.advanceTimersByTimeAsync(2_000);
    expect(outbox.isSlow).toBe(false);
    await vi.advanceTimersByTimeAsync(1_000);
    expect(outbox.isSlow).toBe(true);
    answer();
    await done;
    expect(outbox.isSlow).toBe(false);
  });
});
