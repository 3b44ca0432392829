import { slots, type BodicePart, type Part } from '../garment/part.ts';
import type { JoinKind } from '../garment/join.ts';
import type { JoinLack } from '../garment/join-lack.ts';

const partNames: { readonly [kind in JoinKind]: string } = {
  neck: 'collar',
  armhole: 'sleeve',
  waist: 'skirt',
};

const reasons: { readonly [lack in JoinLack]: string } = {
  strapless: 'it is strapless and has no armhole to set one into',
  'off-shoulder': 'its top edge lies below the shoulder; it has bands for the arms',
  'no-neck': 'its edge lies below the neck',
  'open-neck': 'its fronts open in a V, which no round collar follows',
  'no-back': 'it is open behind and nothing goes all around',
  'one-shoulder': 'it is cut whole, and its two sides differ',
  'hem-below': 'it goes on below the waist to a hem',
  'hem-above': 'it ends above the waist, with a belt',
  'over-the-head': 'it is put on over the head, and a seam at the waist would not pass',
  'waist-alone': 'it begins at the waist',
  cape: 'it is a ring around the shoulders',
  'own-skirt': 'its own skirt is drafted with it',
};

/** Why a style takes no part of a kind: `No sleeve: it is strapless …`. */
export const lackWords = (kind: JoinKind, lack: JoinLack): string =>
  `No ${partNames[kind]}: ${reasons[lack]}.`;

/** The reason alone: `it is strapless …`. */
export const lackReason = (lack: JoinLack): string => reasons[lack];

/** The parts that a bodice which lacks these joins cannot take over, each with the reason: `Without the fitted skirt: it …`. */
export const leftOffWords = (parts: readonly Part[], lacks: BodicePart['lacks']): string[] =>
  parts.flatMap(({ slot, name }) => {
    const lack = lacks[slots[slot]];
    return lack ? [`Without the ${name.toLowerCase()}: ${reasons[lack]}.`] : [];
  });
