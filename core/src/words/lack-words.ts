import type { JoinKind } from '../garment/join.ts';
import type { JoinLack } from '../styles/style.ts';

const partNames: { readonly [kind in JoinKind]: string } = { armhole: 'sleeve', waist: 'skirt' };

const reasons: { readonly [lack in JoinLack]: string } = {
  strapless: 'it is strapless and has no armhole to set one into',
  'off-shoulder': 'its top edge lies below the shoulder; it has bands for the arms',
  'no-back': 'it is open behind and nothing goes all around',
  'own-sleeve': 'it has sleeves of its own, gathered to the armhole',
  'one-shoulder': 'it is cut whole, and its two sides differ',
  'own-skirt': 'it has a skirt of its own',
  'hem-below': 'it goes on below the waist to a hem',
  'hem-above': 'it ends above the waist, with a belt',
  'over-the-head': 'it is put on over the head, and a seam at the waist would not pass',
};

/** Why a style takes no part of a kind: `No sleeve: it is strapless …`. */
export const lackWords = (kind: JoinKind, lack: JoinLack): string =>
  `No ${partNames[kind]}: ${reasons[lack]}.`;

/** The reason alone: `it is strapless …`. */
export const lackReason = (lack: JoinLack): string => reasons[lack];
