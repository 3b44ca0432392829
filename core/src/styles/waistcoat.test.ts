import { describe, expect, test } from '@jest/globals';
import { endOf, startOf } from '../geometry/curve.ts';
import { edgeOf, roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { waistcoat } from './waistcoat.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (choices: ChoiceValues = {}) => recipeOf(waistcoat).draft(draftInput(middleBody, choices));
const frontOf = (choices: ChoiceValues = {}) => {
  const found = draft(choices).pieces.find(({ piece }) => piece.id === 'forepart-front-centre');
  if (!found) throw new Error('no front');
  return found.piece;
};

describe('the waistcoat', () => {
  expectStyleSound(waistcoat, [{}, { hem: 'straight', neckDart: inches(0.5) }]);

  test('fronts are a pair with a stand past the centre; the back lies on the fold; all is lined', () => {
    const cuts = draft().pieces.map(({ piece: { id, cut } }) => `${id} ${cut.layers}`);
    expect(cuts.slice(0, 4)).toEqual([
      'forepart-front-centre pair',
      'forepart-front-side pair',
      'bodice-back-centre fold',
      'bodice-back-side pair',
    ]);
    expect(cuts.filter((each) => each.startsWith('lining')).length).toBe(4);
    const edge = edgeOf(frontOf({ stand: inches(1.5) }), 'front-edge');
    expect(edge.role).toBe('front');
    for (const end of [startOf(edge.path), endOf(edge.path)]) expect(end.x).toBeCloseTo(-inches(1.5), 6);
  });

  test('the point falls 4 in below the side’s hem, and a neck dart takes its half inch. Common practice', () => {
    const lowest = Math.max(...edgeOf(frontOf(), 'hem').path.map(({ b }) => b.y));
    const straight = Math.max(...edgeOf(frontOf({ hem: 'straight' }), 'hem').path.map(({ b }) => b.y));
    expect(lowest - straight).toBeCloseTo(inches(4), -1);
    const gaped = frontOf({ neckDart: inches(0.5) });
    expect(roleLength(frontOf(), 'neck') - roleLength(gaped, 'neck')).toBeCloseTo(inches(0.5), 0);
    expect(gaped.darts.map(({ id }) => id)).toEqual(['neck-dart']);
  });

  test('buttons stand on the centre line, evenly, from the end of the V to the foot; the lining has none and its stay no hem', () => {
    const front = frontOf({ buttons: '6' });
    const places = front.buttons ?? [];
    expect(places.map(({ x }) => x)).toEqual([0, 0, 0, 0, 0, 0]);
    const gaps = places.slice(1).map(({ y }, index) => y - (places[index]?.y ?? 0));
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(1e-6);
    const edge = edgeOf(front, 'front-edge');
    expect(places[0]?.y).toBeGreaterThan(endOf(edge.path).y);
    expect(places.at(-1)?.y).toBeLessThan(startOf(edge.path).y);
    const of = (id: string) => draft().pieces.find(({ piece }) => piece.id === id)?.piece;
    expect(of('lining-forepart-front-centre')?.buttons).toEqual([]);
    expect(of('stay-forepart-front-centre')?.edges.find(({ role }) => role === 'hem')?.allowance).toBe(0);
    expect(of('lining-forepart-front-centre')?.trims).toBeUndefined();
  });

  test('a rounded tummy closes the intake sooner, and the hem is as wide all the same', () => {
    const input = draftInput(middleBody);
    const rounded = recipeOf(waistcoat).draft({
      ...input,
      person: { ...input.person, observations: { ...input.person.observations, tummy: 'rounded' } },
    });
    const hemOf = ({ rounds }: typeof rounded) => rounds.find(({ level }) => level === 'hem')?.finished;
    expect(hemOf(rounded)).toBeCloseTo(hemOf(draft()) ?? 0, 0);
    const seamAt = ({ pieces }: typeof rounded) =>
      pieces
        .find(({ piece }) => piece.id === 'forepart-front-centre')
        ?.piece.levels.find(({ name }) => name === 'hem')
        ?.path.at(-1)?.x ?? 0;
    expect(seamAt(rounded)).toBeGreaterThan(seamAt(draft()) + 1);
  });
});
