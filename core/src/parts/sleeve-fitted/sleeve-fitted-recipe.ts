import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { dartSeams } from '../../garment/seam-parts.ts';
import { girthOf } from '../../pieces/girth.ts';
import type { Face, Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { armAt, drawToArm, type SetIn } from '../sleeve-set-in/sleeve-set-in-recipe.ts';
import { sleeveFittedChoices, type SleeveFittedChosen } from './choices.ts';
import { inTwoPieces } from './in-two-pieces.ts';
import { withElbowDart } from './with-elbow-dart.ts';

const fill = (values: PartInput['values'], { body }: Wearer): SleeveFittedChosen =>
  withDefaults(sleeveFittedChoices, values, usualSize(body));

/** The pieces in place of the one that was set in, with its girths on them. */
const inPlace = ({ drawn }: SetIn, pieces: readonly Piece[], seams: readonly Seam[]): DrawnPart => ({
  ...drawn,
  pieces,
  seams,
  girths: drawn.girths.map(({ level, body, wantedEase, held }) =>
    girthOf(level, pieces, body, wantedEase, held),
  ),
});

/** A side of the cap on both pieces, from the underarm up. */
const onBothCaps = (seam: Seam, face: Face, under: Piece): Seam => ({
  ...seam,
  a: [{ edge: `${under.id}/cap-${face}`, reversed: face === 'front' }, ...seam.a],
});

function draw(input: PartInput): DrawnPart {
  const chosen = fill(input.values, input);
  const set = drawToArm(input, { ...chosen, sleeveTo: 'wrist' }, { role: 'hem', adds: 'topHem' });
  const level = armAt(input.body, 'elbow').down.mm;
  const open = choiceTerm(sleeveFittedChoices, 'elbowOpen', chosen.elbowOpen);
  const [front, back] = set.drawn.seams;
  if (!front || !back) throw new Error('a sleeve is sewn to both halves of the armhole');
  switch (chosen.elbowBy) {
    case 'dart': {
      const sleeve = withElbowDart(set.sleeve, level, open);
      const underarm = equalSeam(
        'sleeve underarm',
        ['sleeve/underarm-front'],
        ['sleeve/underarm-back-2', 'sleeve/underarm-back-1'],
        'armLength',
      );
      return inPlace(set, [sleeve], [front, back, underarm, ...dartSeams(sleeve)]);
    }
    case 'pieces': {
      const { upper, under } = inTwoPieces(set.sleeve, level, open.mm);
      const seam = (face: Face) =>
        equalSeam(
          `sleeve seam, ${face}`,
          [`${upper.id}/seam-${face}`],
          [`${under.id}/seam-${face}`],
          'armLength',
        );
      return inPlace(
        set,
        [upper, under],
        [onBothCaps(front, 'front', under), onBothCaps(back, 'back', under), seam('front'), seam('back')],
      );
    }
  }
}

export const sleeveFittedRecipe: PartRecipe = { draw, chosen: fill };
