import { describe, expect, test } from '@jest/globals';
import { inches } from '../units/length.ts';
import { renderWorking } from './render-working.ts';
import {
  byRule,
  chosen,
  corrected,
  divided,
  drawn,
  evaluate,
  measured,
  minus,
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
    expect(evaluate(width)).toBeCloseTo(inches(12), 9);
    expect(evaluate(sum(plus(quarter), minus(drawn('share', inches(0.5)))))).toBeCloseTo(inches(9), 9);
    expect(evaluate(times(quarter, 2))).toBeCloseTo(inches(19), 9);
  });

  test('it reads as the one-line sum of the trade', () => {
    expect(renderWorking(width, 'in')).toBe('(bust 36 + ease 2) ÷ 4 + waist dart 1 1/2 + side seam 1 = 12');
  });

  test('the same sum reads in centimetres, and says where it was rounded', () => {
    expect(renderWorking(width, 'cm')).toBe(
      '(bust 91.44 + ease 5.08) ÷ 4 + waist dart 3.81 + side seam 2.54 = 30.48',
    );
    expect(renderWorking(times(drawn('arc', 100.123), 2), 'cm')).toBe('arc 10.01 × 2 ≈ 20.02');
  });

  test('a single term is not repeated as its own result', () => {
    expect(renderWorking(drawn('arc', 100.123), 'cm')).toBe('arc 10.01');
  });

  test('terms that are nothing are left out', () => {
    expect(renderWorking(sum(plus(quarter), plus(drawn('share', 0))), 'in')).toBe(
      '(bust 36 + ease 2) ÷ 4 = 9 1/2',
    );
  });

  test('what the drawing did is a term, and the sum is then only about right', () => {
    const moved = corrected(width, inches(12.25), 'curve of the side');
    expect(evaluate(moved)).toBeCloseTo(inches(12.25), 9);
    expect(renderWorking(moved, 'in')).toBe(
      '(bust 36 + ease 2) ÷ 4 + waist dart 1 1/2 + side seam 1 + curve of the side 1/4 ≈ 12 1/4',
    );
  });

  test('a drawing that agrees leaves the sum alone', () => {
    expect(corrected(width, inches(12) + 0.05, 'curve')).toBe(width);
  });
});
