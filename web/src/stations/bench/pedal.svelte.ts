const KEPT = "kind-thimble-pedal";

function kept(): string {
  try {
    return localStorage.getItem(KEPT) ?? "";
  } catch {
    return "";
  }
}

/** The key that a foot pedal types, on this device; empty for none. */
class Pedal {
  key = $state(kept());
  isListening = $state(false);

  set(key: string): void {
    this.key = key;
    this.isListening = false;
    try {
      localStorage.setItem(KEPT, key);
    } catch {
      // It lasts until the page is left.
    }
  }
}

export const pedal = new Pedal();
