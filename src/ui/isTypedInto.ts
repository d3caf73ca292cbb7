/** A field, or an open list in which letters look for an option. */
export const isTypedInto = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (/^(INPUT|TEXTAREA)$/.test(target.tagName) || target.closest('[role=listbox]') !== null);
