import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { edgeOf, type Piece } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { halterTieredDress } from './halter-tiered-dress.ts';
import { recipeOf } from './recipe-book.ts';

const draftOf = (choices: ChoiceValues = {}) =>
  recipeOf(halterTieredDress).draft(draftInput(middleBody, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}): Piece => {
  const found = draftOf(choices).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

expectStyleSound(halterTieredDress, [{}, { backBand: inches(4) }]);

describe('a halter with tiers', () => {
  test('has a straight band behind on the fold, as deep as is chosen, sewn to the foot of the front’s side', () => {
    const band = pieceOf('bodice-back', { backBand: inches(4) });
    expect(band.cut.layers).toBe('fold');
    expect(lengthByLibrary(edgeOf(band, 'side'))).toBeCloseTo(inches(4), 6);
    const { seams } = draftOf({ backBand: inches(4) });
    expect(seams.find(({ id }) => id.startsWith('band to'))?.difference).toBeCloseTo(0, 6);
  });

  test('band, skirt and lining open by one zip at the side, and no centre is parted', () => {
    const { details } = draftOf();
    const zips = details.flatMap((detail) => (detail.kind === 'zip' ? detail.edges : []));
    expect(zips).toEqual(['bodice-back/side']);
    expect(details.find(({ kind }) => kind === 'skirt')).toMatchObject({ zipAt: 'side' });
    for (const id of ['skirt-front', 'skirt-back'])
      expect(pieceOf(id).notches.filter(({ edge }) => edge === 'side').length).toBeGreaterThan(0);
    for (const id of ['skirt-front', 'skirt-back', 'lining-skirt-back'])
      expect(pieceOf(id).cut.layers).toBe('fold');
  });

  test('the lining of the skirt is flat at the waist: its round is that of the bodice, without gathers', () => {
    const { pieces } = draftOf();
    const round = (prefix: string, layer: string) =>
      pieces
        .filter(({ piece }) => piece.id.startsWith(prefix) && piece.role === layer)
        .flatMap(({ piece }) => piece.edges.filter(({ role }) => role === 'waist').map((edge) => ({ piece, edge })))
        .reduce(
          (sum, { piece, edge }) => sum + lengthByLibrary(edge) * (piece.cut.layers === 'fold' ? 2 : piece.cut.copies),
          0,
        );
    const bodice = round('bodice', 'outer');
    expect(Math.abs(round('lining-skirt', 'lining') - bodice)).toBeLessThan(1);
    expect(round('skirt', 'outer') / bodice).toBeGreaterThan(1.4);
  }); // prettier-ignore
});
