import { optionsInOrder, type Choice } from '../src/garment/choice.ts';
import { joinKinds } from '../src/garment/join.ts';
import { slots } from '../src/garment/part.ts';
import { bodiceBook, partBook } from '../src/parts/part-book.ts';
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
    ({ id, name, summary, parts, cloths, requires, derives, checks, choices, lacks }) => ({
      id,
      name,
      summary,
      parts,
      cloths,
      requires,
      derives,
      checks,
      offers: joinKinds.filter((kind) => lacks[kind] === undefined),
      lacks,
      choices: Object.entries(choices).map(([choice, what]) => choiceJson(choice, what)),
    }),
  );
  const bodices = bodiceBook.map(({ id, name, cloths, requires, derives, checks, choices, lacks }) => ({
    id,
    slot: 'bodice',
    name,
    cloths,
    needs: [],
    offers: joinKinds.filter((kind) => lacks[kind] === undefined),
    requires,
    derives,
    checks,
    choices: Object.entries(choices).map(([choice, what]) => choiceJson(choice, what)),
  }));
  const sewnOn = partBook.map(({ id, slot, name, cloths, requires, derives, checks, choices }) => ({
    id,
    slot,
    name,
    cloths,
    needs: [slots[slot]],
    offers: [],
    requires,
    derives,
    checks,
    choices: Object.entries(choices).map(([choice, what]) => choiceJson(choice, what)),
  }));
  return {
    json: { styles, parts: [...bodices, ...sewnOn] },
    text: [
      ...styles.map(({ id, name, summary }) => `${id.padEnd(26)}${name}. ${summary}`),
      '',
      'Bodices, with the joins that they offer:',
      ...bodices.map(
        ({ id, name, offers }) => `${id.padEnd(26)}${name}. Offers ${offers.join(', ') || 'no join'}`,
      ),
      '',
      'Parts, sewn to what a bodice offers:',
      ...sewnOn.map(({ id, name, needs }) => `${id.padEnd(26)}${name}. Needs the ${needs.join(', ')}`),
    ].join('\n'),
    stopped: false,
  };
}
