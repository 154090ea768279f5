/** Controls that are inputs and take no text; a slider takes the arrows alone. */
const WITHOUT_TEXT = ['range', 'checkbox', 'radio', 'button', 'file'];

/** Whether a key goes into text. */
export const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['TEXTAREA', 'SELECT'].includes(target.tagName) ||
    (target instanceof HTMLInputElement && !WITHOUT_TEXT.includes(target.type)));
