import { answered, api } from "../api/client";
import { toast } from "./toast.svelte";

/** What is done with an order as a whole, from wherever it is listed; each can be taken back. */

async function act(call: () => Promise<unknown>, then: () => void): Promise<boolean> {
  try {
    await call();
    then();
    return true;
  } catch (e) {
    toast.say((e as Error).message);
    return false;
  }
}

export async function removeOrder(id: number, name: string, then: () => void): Promise<void> {
  const params = { path: { order: id } };
  if (await act(() => answered(api.DELETE("/api/orders/{order}", { params })), then)) {
    toast.say(`${name} is removed. It can be brought back for thirty days.`, {
      word: "Put it back",
      run: () => void restoreOrder(id, then),
    });
  }
}

export function restoreOrder(id: number, then: () => void): Promise<boolean> {
  const params = { path: { order: id } };
  return act(() => answered(api.POST("/api/orders/{order}/restore", { params })), then);
}

export async function archiveOrder(
  id: number,
  name: string,
  away: boolean,
  then: () => void,
): Promise<void> {
  const params = { path: { order: id } };
  const done = await act(
    () =>
      answered(
        away
          ? api.POST("/api/orders/{order}/archive", { params })
          : api.DELETE("/api/orders/{order}/archive", { params }),
      ),
    then,
  );
  if (done && away) {
    toast.say(`${name} is put away, under All orders.`, {
      word: "Bring it back",
      run: () => void archiveOrder(id, name, false, then),
    });
  }
}
