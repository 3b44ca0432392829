import type { Unit } from './length.ts';

/** A length as typed with the unit that a bare number means there, so that it still does when the unit changes; an empty one stays empty. */
export const withUnit = (text: string, unit: Unit): string =>
  text.trim() === '' || /[a-z"″]\s*$/i.test(text) ? text.trim() : `${text.trim()} ${unit}`;
