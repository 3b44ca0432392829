import { optionsInOrder, type Choice } from '../src/garment/choice.ts';
import { joinKinds } from '../src/garment/join.ts';
import { slots } from '../src/garment/part.ts';
import { partBook } from '../src/parts/part-book.ts';
import { styleBook } from '../src/styles/style-book.ts';
import type { Answer } from './answer.ts';

/** A choice with its range or options and its default; lengths in mm, null where the default follows from the body. */
function choiceJson(id: string, choice: Choice) {
  const { kind, label, group, help } = choice;
  const common = { id, kind, label, group, help, when: choice.when ?? null };
  switch (choice.kind) {
    case 'length':
      return {
        ...common,
        least: choice.least,
        most: choice.most,
        default: choice.usual === 'from-body' ? null : choice.usual,
      };
    case 'option':
      return {
        ...common,
        options: optionsInOrder(choice).map(([option, words]) => ({ id: option, words })),
        default: choice.usual,
      };
  }
}

/** Every style of the book and every part: what it needs and offers, what it works out when that was not taken, and what is chosen of it. */
export function stylesCommand(): Answer {
  const styles = Object.values(styleBook).map(
    ({ id, name, summary, cloths, requires, derives, checks, choices, lacks }) => ({
      id,
      name,
      summary,
      cloths,
      requires,
      derives,
      checks,
      offers: joinKinds.filter((kind) => lacks[kind] === undefined),
      lacks,
      choices: Object.entries(choices).map(([choice, what]) => choiceJson(choice, what)),
    }),
  );
  const parts = partBook.map(({ id, slot, name, requires, derives, checks, choices }) => ({
    id,
    slot,
    name,
    needs: [slots[slot]],
    offers: [],
    requires,
    derives,
    checks,
    choices: Object.entries(choices).map(([choice, what]) => choiceJson(choice, what)),
  }));
  return {
    json: { styles, parts },
    text: [
      ...styles.map(({ id, name, summary }) => `${id.padEnd(26)}${name}. ${summary}`),
      '',
      'Parts, sewn to what a bodice offers:',
      ...parts.map(({ id, name, needs }) => `${id.padEnd(26)}${name}. Needs the ${needs.join(', ')}`),
    ].join('\n'),
    stopped: false,
  };
}
