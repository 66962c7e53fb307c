/** Whether a key press belongs to a field that somebody is typing in. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  // A slider holds no text; its arrow keys are the desk's own.
  if (target?.matches('input[type="range"]')) return false
  return Boolean(target?.closest('input, textarea, select, [contenteditable], [role="dialog"]'))
}

/** Whether Enter would press a button or follow a link, so that it must not do anything else as well. */
export function isButton(event: KeyboardEvent): boolean {
  return Boolean((event.target as HTMLElement | null)?.closest('button, a, summary'))
}

/** Whether a key press is none of a pad's: somebody is typing, or a modifier makes it a command. Shift is the pad's own. */
export function isForeign(event: KeyboardEvent): boolean {
  return isTyping(event) || event.ctrlKey || event.metaKey || event.altKey
}
