import { inches } from '../units/length.ts';
import { chosen, divided, minus, plus, sum, times } from '../workings/working.ts';
import { piecedLength, piecesFor } from './piecing.ts';
import { countLine, lengthLine, outcome, type QuickSum } from './quick-sum.ts';
import { habitFinding } from './width-sums.ts';

const half = inches(0.5);

export const sleeveSteps: QuickSum = {
  name: 'sleeve-steps',
  title: 'Steps of a tiered sleeve',
  summary: 'How far apart flounces are sewn so that the last one ends where the sleeve does.',
  args: [
    { id: 'length', label: 'length', kind: 'length', positive: true },
    { id: 'count', label: 'flounces', kind: 'count', least: 2, most: 24 },
    { id: 'depth', label: 'depth of a flounce', kind: 'length', optional: true, positive: true },
    { id: 'join', label: 'join', kind: 'length', usual: half },
    { id: 'hem', label: 'hem', kind: 'length', usual: half },
  ],
  sum: ({ term, of, has }) => {
    const count = of('count');
    const even = divided(term('length'), count);
    const pitch = has('depth') ? divided(sum(plus(term('length')), minus(term('depth'))), count - 1) : even;
    const depth = has('depth') ? term('depth') : chosen('depth as the pitch', pitch.mm);
    const cutDepth = sum(plus(depth), plus(term('join')), plus(term('hem')));
    const ends = sum(plus(times(chosen('length ÷ count', even.mm), count - 1)), plus(depth));
    return outcome(
      [
        lengthLine('pitch', 'from one to the next', pitch.mm, pitch),
        lengthLine('cutDepth', 'depth, cut', cutDepth.mm, cutDepth),
        lengthLine('ends', 'by length ÷ count the last ends at', ends.mm, ends),
      ],
      habitFinding(`length ÷ ${count}`, ends.mm, of('length')),
    );
  },
};

export const placket: QuickSum = {
  name: 'placket',
  title: 'Placket strip',
  summary: 'A strip for the front edge that goes on along the cut-out.',
  args: [
    { id: 'frontEdge', label: 'front edge', kind: 'length', positive: true },
    { id: 'cutOut', label: 'cut-out', kind: 'length', usual: 0 },
    { id: 'finished', label: 'finished width', kind: 'length', usual: inches(1.25), positive: true },
    { id: 'join', label: 'join', kind: 'length', usual: half },
  ],
  sum: ({ term }) => {
    const joins = plus(times(term('join'), 2));
    const length = sum(plus(term('frontEdge')), plus(term('cutOut')), joins);
    const width = sum(plus(times(term('finished'), 2)), joins);
    return outcome([
      lengthLine('length', 'strip, long', length.mm, length),
      lengthLine('width', 'strip, wide', width.mm, width),
    ]);
  },
};

export const collar: QuickSum = {
  name: 'collar',
  title: 'Collar',
  summary: 'The collar’s neck edge from the neckline as it was drafted, each on the half.',
  args: [
    { id: 'frontNeck', label: 'front neck', kind: 'length', positive: true },
    { id: 'backNeck', label: 'back neck', kind: 'length', positive: true },
    { id: 'placket', label: 'placket', kind: 'length', usual: 0 },
  ],
  sum: ({ term }) => {
    const onFold = sum(plus(term('frontNeck')), plus(term('backNeck')), plus(term('placket')));
    const whole = times(chosen('on the fold', onFold.mm), 2);
    return outcome([
      lengthLine('length', 'on the fold', onFold.mm, onFold),
      lengthLine('whole', 'whole', whole.mm, whole),
    ]);
  },
};

export const tieBelt: QuickSum = {
  name: 'tie-belt',
  title: 'Tie belt',
  summary: 'A sash pieced from the width of the cloth.',
  args: [
    { id: 'waist', label: 'waist', kind: 'length', positive: true },
    { id: 'ratio', label: 'ratio', kind: 'ratio', usual: 2.5, positive: true },
    { id: 'finished', label: 'finished height', kind: 'length', usual: inches(2), positive: true },
    { id: 'clothWidth', label: 'cloth width', kind: 'length', positive: true },
    { id: 'join', label: 'join', kind: 'length', usual: half },
  ],
  sum: ({ term, of }) => {
    const wanted = times(term('waist'), of('ratio'));
    const mm = wanted.mm;
    const [width, join] = [of('clothWidth'), of('join')];
    const strips = piecesFor(mm, width, join);
    const strip = divided(
      sum(plus(chosen('length wanted', mm)), plus(times(term('join'), 2 * (strips - 1)))),
      strips,
    );
    const height = sum(plus(times(term('finished'), 2)), plus(times(term('join'), 2)));
    const gives = sum(
      plus(times(term('clothWidth'), strips)),
      ...(strips > 1 ? [minus(times(term('join'), 2 * (strips - 1)))] : []),
    );
    return outcome([
      lengthLine('length', 'length wanted', mm, wanted),
      countLine('strips', 'strips', strips, 'cloth widths sewn in a row, rounded up'),
      lengthLine('stripLength', 'each strip, even', strip.mm, strip),
      lengthLine('height', 'height, cut', height.mm, height),
      lengthLine('gives', 'whole widths would give', piecedLength(strips, width, join), gives),
    ]);
  },
};

export const netOverlay: QuickSum = {
  name: 'net-overlay',
  title: 'Crossed net overlay',
  summary: 'Each of the two gathered nets that cross over the bodice, tight.',
  args: [
    { id: 'front', label: 'front line', kind: 'length', positive: true },
    { id: 'back', label: 'back line', kind: 'length', positive: true },
    { id: 'takeUp', label: 'taken up', kind: 'length', usual: inches(1.5) },
    { id: 'span', label: 'covered width', kind: 'length', positive: true },
    { id: 'ratio', label: 'ratio', kind: 'ratio', usual: 10, positive: true },
  ],
  sum: ({ term, of }) => {
    const length = sum(plus(term('front')), plus(term('back')), minus(times(term('takeUp'), 2)));
    const width = times(term('span'), of('ratio'));
    return outcome([
      lengthLine('length', 'long', length.mm, length),
      lengthLine('width', 'wide', width.mm, width),
      countLine('count', 'of them', 2, 'one for each side'),
    ]);
  },
};
