import { answered, api } from "../api/client";
import type { OrderDesk } from "./order.svelte";
import { toast } from "./toast.svelte";

/** Keeps a design of an order as it is now, for other orders. */
export async function keepInLibrary(desk: OrderDesk, id: number): Promise<void> {
  await desk.paper.settled();
  const name = desk.design(id)?.document.name ?? "";
  const body = { order: desk.id, design: id };
  const kept = await desk.act(() => answered(api.POST("/api/library", { body })));
  if (kept) toast.say(`${name} is in the library now, for any order and in any colours.`);
}

/** Puts a design of the library on the tray of an order. */
export async function takeFromLibrary(
  desk: OrderDesk,
  id: number,
  count: number,
  colours: Record<string, string>,
): Promise<number | null> {
  return desk.act(async () => {
    const taken = await answered(
      api.POST("/api/library/{design}/take", {
        params: { path: { design: id } },
        body: { order: desk.id, count, colours },
      }),
    );
    desk.show(taken.order);
    return taken.design;
  });
}

/** Takes a design out of the library; orders that have it keep it. */
export async function removeFromLibrary(id: number, name: string, then: () => void): Promise<void> {
  const path = { design: id };
  const call = async (call: () => Promise<unknown>) => {
    try {
      await call();
      then();
    } catch (e) {
      toast.say((e as Error).message);
    }
  };
  await call(() => answered(api.DELETE("/api/library/{design}", { params: { path } })));
  toast.say(`${name} is out of the library; orders that have it keep it.`, {
    word: "Put it back",
    run: () =>
      void call(() => answered(api.POST("/api/library/{design}/restore", { params: { path } }))),
  });
}

/** Gives a design of the library other words to be found by. */
export async function tagInLibrary(id: number, tags: string[], then: () => void): Promise<void> {
  try {
    const params = { path: { design: id } };
    await answered(api.PUT("/api/library/{design}/tags", { params, body: tags }));
    then();
  } catch (e) {
    toast.say((e as Error).message);
  }
}
