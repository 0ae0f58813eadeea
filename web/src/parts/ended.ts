/** Enter and escape end what is typed into a field of one line: it is left, and keys are shortcuts again. */
export function ended(input: HTMLInputElement): () => void {
  function keyed(event: KeyboardEvent) {
    if (event.key !== "Enter" && event.key !== "Escape") return;
    event.preventDefault();
    event.stopPropagation();
    input.blur();
  }
  input.addEventListener("keydown", keyed);
  return () => input.removeEventListener("keydown", keyed);
}
