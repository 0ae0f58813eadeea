const WORDLESS = ["range", "checkbox", "radio", "color", "button", "submit"];

/** Whether a key belongs to a text field, a list of choices or an open dialog, and so is no shortcut. */
export function isBusy(event: KeyboardEvent): boolean {
  if (event.defaultPrevented || document.querySelector("dialog[open]")) return true;
  const target = event.target;
  if (!(target instanceof HTMLElement)) return false;
  if (target.isContentEditable || /^(SELECT|TEXTAREA)$/.test(target.tagName)) return true;
  return target instanceof HTMLInputElement && !WORDLESS.includes(target.type);
}

/** Whether a key alone was pressed for the page itself. */
export function isShortcut(event: KeyboardEvent, key: string): boolean {
  return event.key === key && !event.ctrlKey && !event.metaKey && !event.altKey && !isBusy(event);
}
