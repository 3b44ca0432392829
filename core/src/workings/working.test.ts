import { describe, expect, test } from '@jest/globals';
import { inches } from '../units/length.ts';
import { renderWorking } from './render-working.ts';
import {
  added,
  atLeast,
  atMost,
  byRule,
  changed,
  chosen,
  divided,
  drawn,
  edgeOfPiece,
  isAsDrawn,
  leavesOf,
  measured,
  minus,
  named,
  plus,
  sum,
  times,
} from './working.ts';

const quarter = divided(sum(plus(measured('bust', inches(36))), plus(chosen('ease', inches(2)))), 4);
const width = sum(
  plus(quarter),
  plus(drawn('waist dart', inches(1.5))),
  plus(byRule('allowance.side', inches(1))),
);

describe('workings', () => {
  test('a working is worth what its leaves come to', () => {
    expect(width.mm).toBeCloseTo(inches(12), 9);
    expect(sum(plus(quarter), minus(drawn('share', inches(0.5)))).mm).toBeCloseTo(inches(9), 9);
    expect(times(quarter, 2).mm).toBeCloseTo(inches(19), 9);
    const share = times(named('width', sum(plus(width), minus(quarter))), 0.5);
    const added = leavesOf(share).reduce((total, { leaf, factor }) => total + factor * leaf.mm, 0);
    expect(added).toBeCloseTo(share.mm, 9);
  });

  test('of two the one that sets the limit shows its own sum', () => {
    const most = byRule('waist.sideNipMost', inches(1));
    expect(atMost(quarter, most)).toBe(most);
    expect(atMost(most, quarter)).toBe(most);
    expect(atLeast(quarter, most)).toBe(quarter);
  });

  test('changes by one name are told as one, and what takes itself back is gone', () => {
    const out = changed(changed(width, 'curve', 4), 'curve', -1);
    expect(leavesOf(out).filter(({ leaf }) => leaf.kind === 'change')).toMatchObject([{ leaf: { mm: 3 } }]);
    expect(changed(out, 'curve', -3)).toEqual(width);
    expect(out.mm - width.mm).toBeCloseTo(3, 9);
  });

  test('as drawn is what nobody measured, chose or ruled', () => {
    expect(isAsDrawn(changed(drawn('as drawn', 100), 'curve', 2))).toBe(true);
    expect(isAsDrawn(added(drawn('as drawn', 100), plus(chosen('length', 20))))).toBe(false);
    expect(isAsDrawn(edgeOfPiece('Bodice front', 'neck', 120))).toBe(false);
  });
});

describe('the one-line sum of the trade', () => {
  test('reads in inches', () => {
    expect(renderWorking(width, 'in')).toBe('(bust 36 + ease 2) ÷ 4 + waist dart 1 1/2 + side seam 1 = 12');
  });

  test('reads in centimetres, and says where it was rounded', () => {
    expect(renderWorking(width, 'cm')).toBe(
      '(bust 91.44 + ease 5.08) ÷ 4 + waist dart 3.81 + side seam 2.54 = 30.48',
    );
    expect(renderWorking(times(drawn('arc', 100.123), 2), 'cm')).toBe('arc 10.01 × 2 ≈ 20.02');
  });

  test('says a single term once, by its own name', () => {
    expect(renderWorking(drawn('arc', 100.123), 'cm')).toBe('arc 10.01');
    expect(renderWorking(edgeOfPiece('Bodice front', 'neck', 120), 'cm')).toBe('bodice front, neck 12');
    expect(renderWorking(named('bust line', width), 'in')).toBe('bust line 12');
  });

  test('leaves out terms that are nothing', () => {
    expect(renderWorking(sum(plus(quarter), plus(drawn('share', 0))), 'in')).toBe(
      '(bust 36 + ease 2) ÷ 4 = 9 1/2',
    );
    expect(renderWorking(changed(quarter, 'slant', 0.2), 'in')).toBe('(bust 36 + ease 2) ÷ 4 ≈ 9 1/2');
    expect(renderWorking(sum(), 'in')).toBe('0');
  });

  test('what the drawing did is a term, and the sum is then only about right', () => {
    const moved = changed(width, 'curve', inches(0.25));
    expect(renderWorking(moved, 'in')).toBe(
      '(bust 36 + ease 2) ÷ 4 + waist dart 1 1/2 + side seam 1 + curve of the edge 1/4 ≈ 12 1/4',
    );
  });

  test('rounds its terms so that what is written adds up', () => {
    const third = inches(1) / 3;
    const three = sum(plus(drawn('one', third)), plus(drawn('two', third)), plus(drawn('three', third)));
    // By itself each third is 5/16, and three of them 15/16.
    expect(renderWorking(three, 'in')).toBe('one 3/8 + two 5/16 + three 5/16 ≈ 1');
  });
});
