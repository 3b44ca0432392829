import type { HouseStyle } from '@ample-bolt/core/messages/style-messages';
import { styleOf } from '@ample-bolt/core/styles/style-book';

/** A style as it was picked in the style book, with the choices of the house where it is one of its own. */
export interface PickedStyle {
  readonly styleId: string;
  readonly summary: string;
  /** As typed, by id; none for a style of the book. */
  readonly choices?: { readonly [id: string]: string };
}

/** A style of the book, or of the house, by its id; undefined for neither. */
export function pickedStyle(id: string, own: readonly HouseStyle[]): PickedStyle | undefined {
  const style = styleOf(id);
  if (style) return { styleId: id, summary: style.summary };
  const found = own.find((each) => each.id === id);
  if (!found) return undefined;
  const { file, typed } = found;
  const summary = `On the ${styleOf(file.style)?.name.toLowerCase() ?? file.style}, as this house composed it`;
  return { styleId: file.style, summary, choices: typed };
}
