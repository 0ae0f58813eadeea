import { tick } from "svelte";
import { addressOfPlace } from "../desk/names";
import { go, route } from "../router";

const RING_MS = 2500;
/** A station may have to be fetched first, and a row of it to be opened. */
const THERE_MS = 120;

/** Goes to the field of a place, whichever station it is on. */
export async function goToPlace(path: string, order: number): Promise<void> {
  const address = addressOfPlace(path, order);
  if (route.pathname !== address) go(address);
  await tick();
  setTimeout(() => {
    const field = document.querySelector(`[data-place="${CSS.escape(path)}"]`);
    field?.scrollIntoView({ block: "center" });
    field?.querySelector<HTMLElement>("input, select, textarea")?.focus();
  }, THERE_MS);
}

/** Shows what has changed in a place: its design is opened, its field, move or tile is ringed for a while. */
export async function ringPlace(path: string, order: number, station: string): Promise<void> {
  const [, first, id, third, fourth, move] = path.split("/");
  const isDesign = first === "designs" && third !== "removed";
  if (isDesign && station === "Cookie" && !route.pathname.endsWith(`/${id}`)) {
    go(`/orders/${order}/cookie/${id}`);
  }
  await tick();
  setTimeout(() => {
    const found =
      document.querySelector(`[data-place="${CSS.escape(path)}"]`) ??
      (fourth === "moves" && move && document.querySelector(`[data-move="${move}"]`)) ??
      (isDesign && document.querySelector(`[data-tile="${id}"], [data-design="${id}"]`));
    if (!found) return;
    found.classList.add("just-changed");
    found.scrollIntoView({ block: "nearest" });
    setTimeout(() => found.classList.remove("just-changed"), RING_MS);
  }, THERE_MS);
}
