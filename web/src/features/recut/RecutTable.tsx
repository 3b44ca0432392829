import { recutLengths } from '@ample-bolt/core/recut/recut-lengths';
import { recutWidths, type RecutHalf } from '@ample-bolt/core/recut/recut-widths';
import type { RecutLevel } from '@ample-bolt/core/recut/recut-input';
import type { Face } from '@ample-bolt/core/pieces/piece';
import { garmentMeasureOf, type GarmentMeasureId } from '@ample-bolt/core/worked-out/sample-garment';
import { capital } from '@ample-bolt/core/text/capital';
import { lessWords, movedWords, recutNumber, takeInWords } from '@ample-bolt/core/words/recut-words';
import type { ReactNode } from 'react';
import { Card } from '../../ui/Card.tsx';
import { RecutField } from './RecutField.tsx';
import type { RecutEntry } from './use-recut.ts';

/** The measures of a shirt in the order in which they are taken: its sides, then the rest. */
const sides: readonly { readonly id: GarmentMeasureId; readonly face: Face; readonly level: RecutLevel }[] = [
  { id: 'frontChest', face: 'front', level: 'chest' },
  { id: 'backChest', face: 'back', level: 'chest' },
  { id: 'frontWaist', face: 'front', level: 'waist' },
  { id: 'backWaist', face: 'back', level: 'waist' },
  { id: 'frontHip', face: 'front', level: 'hip' },
  { id: 'backHip', face: 'back', level: 'hip' },
];
const others: readonly GarmentMeasureId[] = [
  'halfYoke', 'sleeve', 'sleeveAtElbow', 'sleeveAtCuff', 'armhole', 'sideSeam', 'frontLength', 'backLength', 'collar', 'cuffLength', 'cuffDepth',
]; // prettier-ignore

/** What is done, strong; under it what else is said of it. */
function Done({ words, more }: { readonly words: string; readonly more?: string | undefined }) {
  return (
    <>
      <strong className="font-head text-lg">{words}</strong>
      {more && <span className="block text-sm text-walnut-2">{more}</span>}
    </>
  );
}

/** The shirt measured as it is, beside what is wanted, with what to do at every measure. */
export function RecutTable({ entry }: { readonly entry: RecutEntry }) {
  const { input, unit, target } = entry;
  const [widths, lengths] = [recutWidths(input), recutLengths(input)];
  const halfOf = (face: Face, level: RecutLevel): RecutHalf | undefined =>
    widths.find((width) => width.level === level)?.halves[face];
  const wantedOf = (id: GarmentMeasureId, mm: number | undefined): ReactNode =>
    target === 'sample' ? (
      <RecutField
        id={id}
        label={`${garmentMeasureOf(id).name}, of the shirt that fits`}
        typing={entry.sample}
        named={false}
      />
    ) : (
      <span className="text-lg">{mm === undefined ? '' : recutNumber(mm, unit, 'typeset')}</span>
    );
  const row = (id: GarmentMeasureId, wanted: ReactNode, done: ReactNode) => (
    <tr key={id} className="border-t border-linen-2 align-top">
      <th scope="row" className="w-[38%] py-1.5 pr-3 pl-5 text-left font-normal max-md:w-auto max-md:pl-3">
        {garmentMeasureOf(id).name}
      </th>
      <td className="w-28 py-1 pr-3 max-md:w-20">
        <RecutField
          id={id}
          label={`${garmentMeasureOf(id).name}, as it is`}
          typing={entry.now}
          named={false}
        />
      </td>
      <td className="w-28 py-1.5 pr-3 max-md:w-20">{wanted}</td>
      <td className="py-1.5 pr-5 max-md:pr-3">{done}</td>
    </tr>
  );
  return (
    <Card title={`The shirt, ${unit}`}>
      <table className="w-full">
        <thead className="text-left text-sm text-walnut-2">
          <tr>
            <th className="py-1.5 pl-5 font-semibold max-md:pl-3">Laid flat, pressed</th>
            <th className="font-semibold">As it is</th>
            <th className="font-semibold">{target === 'sample' ? 'That fits' : 'Half wanted'}</th>
            <th className="font-semibold">On each side</th>
          </tr>
        </thead>
        <tbody>
          {sides.map(({ id, face, level }) => {
            const half = halfOf(face, level);
            return row(
              id,
              wantedOf(id, half?.wanted.mm),
              half && <Done words={capital(takeInWords(half.takeIn, unit, 'typeset'))} more={movedWords(half, unit)} />,
            );
          })}
          {others.map((id) => {
            const found = lengths.find(({ work }) => work === id);
            return row(
              id,
              wantedOf(id, found?.wanted.mm),
              found && (
                <Done
                  words={capital(lessWords(found, unit, 'typeset'))}
                  more={found.charged === 'apart' ? 'charged apart' : undefined}
                />
              ),
            );
          })}
        </tbody>
      </table>
    </Card>
  );
} // prettier-ignore
