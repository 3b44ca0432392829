import { describe, expect, test } from '@jest/globals';
import type { Style } from '../styles/style.ts';
import { bustierBodice } from '../styles/bustier-bodice.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { tubeTop } from '../styles/tube-top.ts';
import { plainBodice } from '../styles/plain-bodice.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import type { Draft } from './draft.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';

const draftOf = (style: Style, figures: HandFigures = {}): Draft =>
  recipeOf(style).draft({ ...draftInput(middleBody), figures });
const by = (mm: number) => ({ mm, why: 'by hand' });
const differing = ({ findings }: Draft) => findings.filter(({ code }) => code === 'seam-differs');

describe('the figure that trues a seam', () => {
  test.each([bustierBodice, tubeTop, fittedDress])(
    '$name: of every third point that a hand moves, nearly every seam it upsets is offered a truing, and each one holds',
    (style) => {
      const upset = draftOf(style)
        .figures.filter(({ moves }) => moves)
        .filter((_, place) => place % 3 === 0)
        .flatMap(({ id, mm }) => {
          const figures = { [id]: by(mm + inches(0.5)) };
          return differing(draftOf(style, figures)).map(({ where, orElse }) => ({ figures, where, orElse }));
        });
      const offered = upset.flatMap(({ figures, where, orElse }) =>
        orElse?.kind === 'set-figure' ? [{ figures, where, orElse }] : [],
      );
      expect(upset.length).toBeGreaterThan(8);
      expect(offered.length / upset.length).toBeGreaterThan(0.9);
      for (const { figures, where, orElse } of offered) {
        const after = draftOf(style, { ...figures, [orElse.figure]: by(orElse.mm) });
        const seam = after.seams.find(({ id }) => id === where.subject);
        expect([where.subject, Math.abs(seam?.difference ?? Infinity) < 0.5]).toEqual([where.subject, true]);
      }
    },
  );

  test('a shoulder that was widened is met by the other shoulder, which no hand has touched', () => {
    const [draft] = [draftOf(bustierBodice)];
    const tip = draft.figures.find(({ id }) => id === 'bodice-front-centre/shoulder');
    const moved = draftOf(bustierBodice, {
      'bodice-front-centre/shoulder': by((tip?.mm ?? 0) + inches(0.5)),
    });
    const shoulder = differing(moved).find(({ where }) => where.subject === 'shoulder');
    expect(shoulder?.remedy).toEqual({ kind: 'clear-figure', figure: 'bodice-front-centre/shoulder' });
    expect(shoulder?.orElse).toMatchObject({
      figure: expect.stringMatching(/^bodice-back-centre\/shoulder/),
    });
  });

  test('a seam that is true asks for nothing', () => {
    expect(draftOf(bustierBodice).findings.filter(({ orElse }) => orElse)).toEqual([]);
  });

  test('of a sleeve, the stretch between notches that misses is named and trued by itself', () => {
    const choices = { sleeve: 'sleeve-set-in' };
    const input = draftInput(withArm(middleBody), choices);
    const sleeved = (figures: HandFigures) => recipeOf(plainBodice).draft({ ...input, figures });
    const reach = sleeved({}).figures.find(({ id }) => id === 'bodice-front/shoulder');
    const figures = { 'bodice-front/shoulder': by((reach?.mm ?? 0) + inches(0.5)) };
    const where = 'sleeve to armhole, front';
    const moved = sleeved(figures);
    const off = differing(moved).find((each) => each.where.subject === where);
    expect(off).toMatchObject({ stretches: 2 });
    const seam = moved.seams.find(({ id }) => id === where);
    const misses = seam?.intervals.map(({ difference }) => Math.abs(difference)) ?? [];
    const stretch = off && 'stretch' in off ? off.stretch - 1 : -1;
    expect(misses[stretch]).toBe(Math.max(...misses));
    if (off?.orElse?.kind !== 'set-figure') throw new Error('nothing trues it');
    const trued = sleeved({ ...figures, [off.orElse.figure]: by(off.orElse.mm) }).seams.find(
      ({ id }) => id === where,
    );
    expect(Math.abs(trued?.intervals[stretch]?.difference ?? Infinity)).toBeLessThan(0.5);
  });
});
