import type { HouseStyle } from '@ample-bolt/core/messages/style-messages';
import { styleOf } from '@ample-bolt/core/styles/style-book';

/** What was picked in the style book: a style of it, with what the house chooses where it is one of its own. */
export interface PickedStyle {
  readonly styleId: string;
  readonly summary: string;
  /** As typed, by id; undefined for a style of the book. */
  readonly choices?: { readonly [id: string]: string };
}

/** A style of the book, or of the house, by its id; undefined for neither. */
export function pickedStyle(id: string, own: readonly HouseStyle[]): PickedStyle | undefined {
  const style = styleOf(id);
  if (style) return { styleId: id, summary: style.summary };
  const file = own.find((each) => each.id === id)?.file;
  if (!file) return undefined;
  const summary = `On the ${styleOf(file.style)?.name.toLowerCase() ?? file.style}, as this house composed it`;
  // A number that names no unit is in the unit of its file.
  const choices = Object.entries(file.choices).map(([choice, value]) => [
    choice,
    typeof value === 'number' ? `${value} ${file.unit}` : value,
  ]);
  return {
    styleId: file.style,
    summary,
    choices: Object.fromEntries(choices) as PickedStyle['choices'] & object,
  };
}
