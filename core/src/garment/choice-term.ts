import { chosen, type Working } from '../workings/working.ts';
import type { Choice } from './choice.ts';

/** A length that the client chose, as a term of a working: by its id among a style's choices, mm. */
export const choiceTerm = <Choices extends { readonly [id: string]: Choice }>(
  choices: Choices,
  id: keyof Choices & string,
  mm: number,
): Working => chosen(choices[id]?.label.toLowerCase() ?? id, mm, id);
