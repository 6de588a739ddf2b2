/** True in a field where letters are text, and in a dialog, which has keys of its own. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  return (
    target.isContentEditable ||
    target.closest(
      'input:not([type=checkbox]), textarea, select, [role=dialog], [role=listbox]',
    ) !== null
  )
}
