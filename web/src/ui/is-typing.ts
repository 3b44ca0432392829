/** Whether something is typed where an event happened: keys then belong to the field. */
export const isTyping = (target: EventTarget | null): target is HTMLElement =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** What lies over a page and takes its keys. */
export const SHEETS = '[role=dialog], [role=alertdialog]';
