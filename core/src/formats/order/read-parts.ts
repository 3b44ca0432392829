import { slotIds, slots, type Part, type Slot } from '../../garment/part.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { bodiceBook, bodicePart, partBook } from '../../parts/part-book.ts';
import { byPresentNames } from '../../styles/former-names.ts';
import { plainestOn, styleBook, styleOf } from '../../styles/style-book.ts';
import type { Style } from '../../styles/style.ts';
import { lackWords } from '../../words/lack-words.ts';
import type { GarmentFile, PartFile } from './order-file.ts';

/** A garment of a file as a style of the book with its choices, those of its parts among them. */
export interface ComposedGarment {
  readonly style: Style;
  readonly choices: NonNullable<GarmentFile['choices']>;
}

/** Slots that the contract knows and whose parts cannot be exchanged yet: they come with the bodice. */
const notYet = ['closure', 'layers'] as const;

const idOf = (written: PartFile): string => (typeof written === 'string' ? written : written.part);

function readStyle(garment: GarmentFile, field: string): Read<Style> {
  const bodice = garment.parts?.bodice === undefined ? undefined : idOf(garment.parts.bodice);
  const named = garment.style === undefined ? undefined : styleOf(garment.style);
  if (garment.style !== undefined && !named)
    return refuse(
      'unknown-style',
      `${field}.style`,
      `${garment.style} is not in the style book; there is ${Object.keys(styleBook).join(', ')}.`,
    );
  if (bodice === undefined)
    return named
      ? read(named)
      : refuse(
          'unknown-style',
          `${field}.style`,
          `No style and no bodice; there is ${Object.keys(styleBook).join(', ')}.`,
        );
  if (named && named.parts.bodice !== bodice)
    return refuse(
      'unknown-style',
      `${field}.parts.bodice`,
      `The style ${named.id} is cut on ${named.parts.bodice}, not on ${bodice}; name one of them.`,
    );
  const style = named ?? plainestOn(bodice) ?? styleOf(bodice);
  return style
    ? read(style)
    : refuse(
        'unknown-part',
        `${field}.parts.bodice`,
        `${bodice} is no bodice; there is ${bodiceBook.map(({ id }) => id).join(', ')}.`,
      );
}

/** Without a style nothing is sewn on but what is named. */
const emptySlots = ({ style, parts }: GarmentFile, { lacks }: Style): NonNullable<GarmentFile['choices']> =>
  style !== undefined
    ? {}
    : Object.fromEntries(
        slotIds
          .filter((slot) => lacks[slots[slot]] === undefined && parts?.[slot] === undefined)
          .map((slot) => [slot, 'none']),
      );

function readPart(style: Style, slot: Slot, written: PartFile, field: string): Read<Part> {
  const part = partBook.find(({ id }) => id === idOf(written));
  if (!part || part.slot !== slot)
    return refuse(
      'unknown-part',
      field,
      `${idOf(written)} is no ${slot}; there is ${partBook
        .filter((each) => each.slot === slot)
        .map(({ id }) => id)
        .join(', ')}.`,
    );
  const kind = slots[slot];
  const lack = style.lacks[kind];
  return lack === undefined
    ? read(part)
    : refuse(
        'no-join',
        field,
        `The ${part.name.toLowerCase()} needs the ${kind} of a bodice, and the ${bodicePart(style.parts).name.toLowerCase()} offers none. ${lackWords(kind, lack)}`,
      );
}

/** Reads what a garment is composed of: a style of the book, or a bodice, with parts that its joins fit. */
export function readParts(garment: GarmentFile, field: string): Read<ComposedGarment> {
  const style = readStyle(garment, field);
  if (!style.ok) return style;
  let choices: NonNullable<GarmentFile['choices']> = {
    ...emptySlots(garment, style.value),
    ...byPresentNames(style.value.id, garment.choices ?? {}),
  };
  const { bodice } = garment.parts ?? {};
  if (typeof bodice === 'object') choices = { ...choices, ...bodice.options };
  for (const slot of slotIds) {
    const written = garment.parts?.[slot];
    if (written === undefined) continue;
    const part = readPart(style.value, slot, written, `${field}.parts.${slot}`);
    if (!part.ok) return part;
    const options = typeof written === 'string' ? {} : (written.options ?? {});
    choices = { ...choices, [slot]: part.value.id, ...options };
  }
  const early = notYet.find((slot) => garment.parts?.[slot] !== undefined);
  if (early)
    return refuse(
      'not-yet',
      `${field}.parts.${early}`,
      `The ${early} of a garment comes with its bodice for now; leave it out.`,
    );
  return read({ style: style.value, choices });
}
