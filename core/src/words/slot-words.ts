import { edgesByName } from '../pieces/named-edge.ts';
import type { Draft } from '../drafting/draft.ts';
import { isAsked, type ChoiceGroup, type ChoiceValues } from '../garment/choice.ts';
import { slots, type Slot } from '../garment/part.ts';
import { bodicePart, chosenParts } from '../parts/part-book.ts';
import type { ClothRole, Piece } from '../pieces/piece.ts';
import type { JoinLack } from '../garment/join-lack.ts';
import type { Style } from '../styles/style.ts';
import { capital } from '../text/capital.ts';

/** Names of the slots of a garment. */
const slotNames: { readonly [slot in ChoiceGroup]: string } = {
  Bodice: 'Bodice',
  Neck: 'Neck and collar',
  Sleeve: 'Sleeve',
  Skirt: 'Skirt or trousers',
  Closure: 'Closure',
  Layers: 'Layers',
  Ease: 'Ease',
};

/** The name of a slot of a garment: what begins at the waist has no bodice. */
export const slotName = (slot: ChoiceGroup, { lacks }: Pick<Style, 'lacks'>): string =>
  slot === 'Bodice' && lacks.armhole === 'waist-alone' ? 'Waist' : slotNames[slot];

/** What stands in a slot that takes no part, in a word or two. */
const ownWords: { readonly [lack in JoinLack]: string } = {
  strapless: 'None: strapless',
  'off-shoulder': 'Bands on the arms',
  'no-neck': 'None: bare at the neck',
  'open-neck': 'None: a V of two fronts',
  'no-back': 'None: open behind',
  'one-shoulder': 'None: one shoulder',
  'hem-below': 'None: a hem below the waist',
  'hem-above': 'None: ends above the waist',
  'over-the-head': 'None: put on over the head',
  'waist-alone': 'None: from the waist down',
  cape: 'None: a ring around the shoulders',
  'own-skirt': 'Its own, ruched',
};

/** The words of an option that was chosen, where there was a choice. */
function optionWords({ choices }: Style, chosen: ChoiceValues, id: string): string | undefined {
  const choice = choices[id];
  return choice?.kind === 'option' && isAsked(choice, chosen)
    ? choice.options[chosen[id] ?? choice.usual]
    : undefined;
}

/** Words of the part in a slot: its name with what is chosen of it that has words. */
function partWords(style: Style, chosen: ChoiceValues, slot: Slot): string {
  const lack = style.lacks[slots[slot]];
  if (lack) return ownWords[lack];
  const part = chosenParts(style.parts, chosen).find((each) => each.slot === slot);
  if (!part) return 'None';
  const ways = Object.keys(part.choices).flatMap((id) => optionWords(style, chosen, id) ?? []);
  return [part.name, ...ways.slice(0, 1)].join(', ');
}

function neckWords(style: Style, draft: Draft, chosen: ChoiceValues): string {
  const line = optionWords(style, chosen, 'neckline') ?? optionWords(style, chosen, 'topEdge');
  const collar = draft.details.find(({ kind }) => kind === 'collar');
  const words = [
    line,
    collar?.kind === 'collar' && (collar.manner === 'stands' ? 'standing collar' : 'falling collar'),
  ];
  return capital(words.filter(Boolean).join(', ') || 'Its own');
}

/** How the garment is opened: by a zip at the centre or the side, buttons, a lace, a belt, or not at all. */
function closureWords({ details, pieces }: Draft): string {
  const find = edgesByName(pieces.map(({ piece }) => piece));
  const words = details.flatMap((detail): string[] => {
    switch (detail.kind) {
      case 'zip':
        return [
          detail.edges.every((name) => find(name)?.edge.role === 'side')
            ? 'zip at the side'
            : 'zip, centre back',
        ];
      case 'lacing':
        return ['laced behind'];
      case 'neck-tie':
        return ['tied at the neck'];
      case 'sash':
        return ['tie belt'];
      case 'placket':
      case 'collar':
      case 'sleeve':
      case 'skirt':
      case 'trousers':
      case 'flounce':
      case 'cape':
      case 'arm-band':
      case 'overlay':
      case 'waistband':
        return [];
    }
  });
  const buttons = Math.max(0, ...pieces.map(({ piece }) => piece.buttons?.length ?? 0));
  const all = [...(buttons > 0 ? [`${buttons} buttons`] : []), ...new Set(words)];
  return capital(all.join('; ') || 'Over the head');
}

const layerWords: { readonly [role in Exclude<ClothRole, 'outer'>]: string } = {
  lining: 'lined',
  stay: 'on a stay',
  net: 'net',
  trim: 'trimmed',
};

const isFacing = ({ part }: Piece): boolean => part === 'facing';

function layersWords({ pieces }: Draft): string {
  const roles = new Set(pieces.map(({ piece }) => piece.role));
  const faced = pieces.some(({ piece }) => isFacing(piece)) ? ['faced'] : [];
  const others = (Object.keys(layerWords) as (keyof typeof layerWords)[]).filter((role) => roles.has(role));
  return capital([...faced, ...others.map((role) => layerWords[role])].join(', ') || 'Outer cloth alone');
}

/** What stands in a slot of a garment now, in a few words. */
export function slotWords(slot: ChoiceGroup, style: Style, draft: Draft, chosen: ChoiceValues): string {
  switch (slot) {
    case 'Bodice':
      return bodicePart(style.parts).name;
    case 'Neck':
      return neckWords(style, draft, chosen);
    case 'Sleeve':
      return partWords(style, chosen, 'sleeve');
    case 'Skirt':
      return partWords(style, chosen, 'skirt');
    case 'Closure':
      return closureWords(draft);
    case 'Layers':
      return layersWords(draft);
    case 'Ease':
      return 'Over the body';
  }
}
