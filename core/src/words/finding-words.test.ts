import { describe, expect, test } from '@jest/globals';
import { finding, type Finding } from '../findings/finding.ts';
import { findingSeverities, type FindingCode } from '../findings/severity.ts';
import { inches } from '../units/length.ts';
import { findingWords } from './finding-words.ts';
import { cutName, pieceName } from './names.ts';
import { edgeName } from '../pieces/edge-name.ts';

/** What a finding is about, where it is not a cloth. */
const subjects: { readonly [code in FindingCode]?: string } = {
  'measures-disagree': 'underBust',
  'measures-impossible': 'underBust',
  'measure-slip': 'tenth',
  'dart-past-side': 'bust-dart',
  'dart-left-out': 'waist dart',
  'opening-too-small': 'armhole',
  'round-differs': 'waist',
  'seam-too-narrow': 'side',
  'part-without-join': 'waist',
  'allowance-unusual': 'allowance.side',
};

/** A finding of any kind with every place and figure that one may have. */
const sample = (code: FindingCode): Finding =>
  ({
    code,
    severity: findingSeverities[code],
    where: {
      piece: 'bodice-front',
      edge: 'waist',
      measure: 'bust',
      choice: 'neckDepthFront',
      subject: subjects[code] ?? 'outer',
      figure: 'bodice-front/waist',
    },
    found: inches(10.5),
    expected: inches(9),
    roles: ['neck', 'shoulder'],
    parts: 3,
    joins: [60, 120],
    contrast: 3.2,
    chalk: 'yellow',
    least: inches(0.5),
    most: inches(1.5),
    slip: 'allowance',
    of: 'side',
    from: 'The fitting of 12 May',
    part: 'Set-in sleeve',
    needs: ['upperArm', 'wrist'],
    remedy: { kind: 'set-choice', choice: 'neckDepthFront', mm: inches(4) },
  }) as Finding;

describe('findingWords', () => {
  test.each(Object.keys(findingSeverities) as FindingCode[])(
    '%s is worded in full sentences, without a gap',
    (code) => {
      for (const unit of ['in', 'cm'] as const) {
        const { message, remedy } = findingWords(sample(code), unit);
        expect(message).toMatch(/^[A-Z0-9].*\.$/);
        expect(`${message} ${remedy}`).not.toMatch(/undefined|NaN|\[object|! |!$/);
        if (remedy) expect(remedy).toMatch(/\.$/);
      }
    },
  );

  test('says what is wrong, by how much, and what to change', () => {
    expect(findingWords(sample('neck-deep'), 'in')).toEqual({
      message:
        'The neck reaches 10\u202f1\u20442 in down; lower than 9 in shows more than most clients expect.',
      remedy: 'Set neck depth front to 4 in.',
    });
    expect(
      findingWords(
        finding(
          'measures-disagree',
          { measure: 'bust', subject: 'underBust' },
          { found: 800, expected: 900, remedy: { kind: 'measure-again', measure: 'bust' } },
        ),
        'cm',
      ),
    ).toEqual({
      message: 'Bust 80 cm does not go with under bust; expected about 90 cm.',
      remedy: 'Measure bust again.',
    });
    expect(
      findingWords(
        finding('cloth-missing', { subject: 'lining' }, { remedy: { kind: 'add-cloth', role: 'lining' } }),
        'in',
      ).remedy,
    ).toBe('Add a cloth for the lining.');
  });
});

describe('names', () => {
  test('pieces, edges and cuts read as the shop says them', () => {
    expect(pieceName('bodice-front')).toBe('Bodice front');
    expect(
      ['waist', 'waist-1', 'waist-2', 'waist-3', 'side-upper', 'side-lower', 'centre-back'].map(edgeName),
    ).toEqual([
      'waist',
      'waist, at the centre',
      'waist, past the dart',
      'waist, at the side',
      'side, above the bust dart',
      'side, below the bust dart',
      'centre back',
    ]);
    expect([
      cutName('fold', 1),
      cutName('pair', 2),
      cutName('pair', 4),
      cutName('single', 1),
      cutName('single', 3),
    ]).toEqual(['1 on the fold', 'a pair', '2 pairs', '1 single', '3 singles']);
  });
});
