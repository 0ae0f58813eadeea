import { answered, api } from "../api/client";
import { desk } from "./order.svelte";
import { toast } from "./toast.svelte";

/** Keeps a design of the open order as it is now, for other orders. */
export async function keepInLibrary(id: number): Promise<void> {
  const name = desk.design(id)?.document.name ?? "";
  const body = { order: desk.id, design: id };
  const kept = await desk.act(() => answered(api.POST("/api/library", { body })));
  if (kept) toast.say(`${name} is in the library now, for any order and in any colours.`);
}

/** Puts a design of the library on the tray of the open order. */
export async function takeFromLibrary(
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
    desk.order = taken.order;
    return taken.design;
  });
}

/** Takes a design out of the library; orders that have it keep it. */
export async function removeFromLibrary(id: number, name: string, then: () => void): Promise<void> {
  const path = { design: id };
  await desk.act(() => answered(api.DELETE("/api/library/{design}", { params: { path } })));
  toast.say(`${name} is out of the library; orders that have it keep it.`, {
    word: "Put it back",
    run: () =>
      void desk.act(async () => {
        await answered(api.POST("/api/library/{design}/restore", { params: { path } }));
        then();
      }),
  });
}
