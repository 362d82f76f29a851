/** Presses the button that a key stands for (aria-keyshortcuts), the first that is shown within some element. */
export function pressShortcut(key: string, within: ParentNode): boolean {
  const button = [...within.querySelectorAll<HTMLElement>(`[aria-keyshortcuts="${key}"]`)].find(
    (each) => each.offsetParent !== null,
  );
  button?.click();
  return button !== undefined;
}

/** Whether keys are being typed into something. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable);

/** Whether a key is pressed alone and for the page. */
export const isPlainKey = (event: KeyboardEvent): boolean =>
  !event.ctrlKey && !event.metaKey && !event.altKey && !isTyping(event.target);
