import { choiceGroups, type Choice, type ChoiceGroup, type ChoiceValues } from '../garment/choice.ts';
import { slotIds, slots, type BodicePart, type Composition, type Part, type Slot } from '../garment/part.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import { bodiceCrossed } from './bodice-crossed/bodice-crossed.ts';
import { bodiceDarted } from './bodice-darted/bodice-darted.ts';
import { bodiceHalter } from './bodice-halter/bodice-halter.ts';
import { bodiceNet } from './bodice-net/bodice-net.ts';
import { bodiceOffShoulder } from './bodice-off-shoulder/bodice-off-shoulder.ts';
import { bodiceOneShoulder } from './bodice-one-shoulder/bodice-one-shoulder.ts';
import { bodicePlacket } from './bodice-placket/bodice-placket.ts';
import { bodicePrincess } from './bodice-princess/bodice-princess.ts';
import { bodiceStrapless } from './bodice-strapless/bodice-strapless.ts';
import { bodiceWaistcoat } from './bodice-waistcoat/bodice-waistcoat.ts';
import { bodiceYoke } from './bodice-yoke/bodice-yoke.ts';
import { collarFall } from './collar/collar-fall.ts';
import { collarShirt } from './collar/collar-shirt.ts';
import { collarStand } from './collar/collar-stand.ts';
import { skirtCircle } from './skirt-circle/skirt-circle.ts';
import { skirtFitted } from './skirt-fitted/skirt-fitted.ts';
import { skirtGathered } from './skirt-gathered/skirt-gathered.ts';
import { skirtPeplum } from './skirt-peplum/skirt-peplum.ts';
import { skirtPleated } from './skirt-pleated/skirt-pleated.ts';
import { skirtBall } from './skirt-ball/skirt-ball.ts';
import { trousers } from './trousers/trousers.ts';
import { bodiceCape } from './bodice-cape/bodice-cape.ts';
import { bodiceRuchedGown } from './bodice-ruched-gown/bodice-ruched-gown.ts';
import { bodiceCrossedNet } from './bodice-crossed-net/bodice-crossed-net.ts';
import { bodiceDraped } from './bodice-draped/bodice-draped.ts';
import { bodiceShirt } from './bodice-shirt/bodice-shirt.ts';
import { bodiceTunic } from './bodice-tunic/bodice-tunic.ts';
import { bodiceWaistband } from './bodice-waistband/bodice-waistband.ts';
import { skirtTiered } from './skirt-tiered/skirt-tiered.ts';
import { sleeveBell } from './sleeve-bell/sleeve-bell.ts';
import { sleeveCuffed } from './sleeve-cuffed/sleeve-cuffed.ts';
import { sleeveShirt } from './sleeve-cuffed/sleeve-shirt.ts';
import { sleeveFitted } from './sleeve-fitted/sleeve-fitted.ts';
import { sleeveRing } from './sleeve-ring/sleeve-ring.ts';
import { sleeveFlounced } from './sleeve-flounced/sleeve-flounced.ts';
import { sleeveGathered } from './sleeve-gathered/sleeve-gathered.ts';
import { sleeveSetIn } from './sleeve-set-in/sleeve-set-in.ts';

/** The bodices that a garment can be built on; recipes of all parts are in the recipe book of parts. */
export const bodiceBook: readonly BodicePart[] = [
  bodiceDarted,
  bodicePrincess,
  bodiceStrapless,
  bodiceWaistcoat,
  bodiceOffShoulder,
  bodiceHalter,
  bodiceCrossed,
  bodiceYoke,
  bodiceNet,
  bodicePlacket,
  bodiceOneShoulder,
  bodiceWaistband,
  bodiceCape,
  bodiceTunic,
  bodiceShirt,
  bodiceRuchedGown,
  bodiceDraped,
  bodiceCrossedNet,
];

/** The parts that can be sewn to one. */
export const partBook: readonly Part[] = [
  collarStand,
  collarFall,
  collarShirt,
  sleeveSetIn,
  sleeveFitted,
  sleeveGathered,
  sleeveBell,
  sleeveCuffed,
  sleeveShirt,
  sleeveFlounced,
  sleeveRing,
  skirtCircle,
  skirtGathered,
  skirtTiered,
  skirtPleated,
  skirtPeplum,
  skirtBall,
  skirtFitted,
  trousers,
];

/** The bodice of a composition; throws where the book has none by its id. */
export function bodicePart({ bodice }: Composition): BodicePart {
  const found = bodiceBook.find(({ id }) => id === bodice);
  if (!found) throw new Error(`the part book has no ${bodice}`);
  return found;
}

/** The parts that are sewn to it: those that were chosen, and where nothing was, those of the composition. */
export const chosenParts = (composition: Composition, choices: ChoiceValues): Part[] =>
  partBook.filter(({ id, slot }) => (choices[slot] ?? composition[slot]) === id);

const slotWords: { readonly [slot in Slot]: Pick<Choice, 'label' | 'group' | 'help'> } = {
  collar: { label: 'Collar', group: 'Neck', help: 'sewn to the neck' },
  sleeve: { label: 'Sleeve', group: 'Sleeve', help: 'sewn into the armhole' },
  skirt: { label: 'Skirt or trousers', group: 'Skirt', help: 'sewn to the waist' },
};

/** The slot for parts among the choices of a group; undefined for a group that takes none. */
export const slotIn = (group: ChoiceGroup): Slot | undefined =>
  slotIds.find((slot) => slotWords[slot].group === group);

/** The groups of choices that a garment has: one that begins at the waist has nothing to choose above it. */
export const groupsOn = ({ lacks }: Pick<BodicePart, 'lacks'>): ChoiceGroup[] =>
  choiceGroups.filter((group) => {
    const slot = slotIn(group);
    return slot === undefined || lacks[slots[slot]] !== 'waist-alone';
  });

/** The choices of the parts of a slot, each choice asked with the parts that have it. */
function choicesOfParts(slot: Slot, parts: readonly Part[]): { readonly [id: string]: Choice } {
  const entries = parts.flatMap(({ choices }) => Object.entries(choices));
  return Object.fromEntries(
    entries.map(([id, choice]) => {
      const having = parts.filter((part) => Object.hasOwn(part.choices, id)).map((part) => part.id);
      return [id, { ...choice, when: { ...choice.when, [slot]: having } }];
    }),
  );
}

/** The choices of the parts of a bodice’s slots: for each that it offers a join for no part or one of the book, and what is chosen of that. */
export const partChoices = (composition: Composition): { readonly [id: string]: Choice } => {
  const { lacks, carries = [] } = bodicePart(composition);
  return Object.fromEntries(
    slotIds
      .filter((slot) => lacks[slots[slot]] === undefined)
      .flatMap((slot) => {
        const parts = partBook.filter((part) => part.slot === slot);
        const choice: Choice = {
          kind: 'option',
          pictured: true,
          ...slotWords[slot],
          options: {
            ...(carries.includes(slot) ? {} : { none: 'none' }),
            ...Object.fromEntries(parts.map(({ id, name }) => [id, name.toLowerCase()])),
          },
          usual: composition[slot] ?? 'none',
        };
        return [[slot, choice] as const, ...Object.entries(choicesOfParts(slot, parts))];
      }),
  );
};

/** Measures that a garment with these choices uses: those of its bodice, and of the parts that are sewn to it, but for checks of no use to it. */
export function measuresWithParts(
  {
    parts: composition,
    unused = [],
  }: { readonly parts: Composition; readonly unused?: MeasuresUsed['checks'] },
  choices: ChoiceValues,
): MeasuresUsed {
  const parts = [bodicePart(composition), ...chosenParts(composition, choices)];
  const each = (use: (part: MeasuresUsed) => MeasuresUsed['requires'], but: MeasuresUsed['requires'] = []) =>
    [...new Set(parts.flatMap(use))].filter((id) => !but.includes(id));
  const requires = each((part) => part.requires);
  const derives = each((part) => part.derives, requires);
  return { requires, derives, checks: each((part) => part.checks, [...requires, ...derives, ...unused]) };
}
