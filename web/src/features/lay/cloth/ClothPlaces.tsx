import type { Unit } from '@ample-bolt/core/units/length';
import { pieceName } from '@ample-bolt/core/words/names';
import { useFormContext, useWatch } from 'react-hook-form';
import { inputClass } from '../../../ui/Field.tsx';
import type { ClothFields } from './cloth-fields.ts';
import { FieldRows } from './FieldRows.tsx';

const noPlace = { from: '', to: '', left: '', right: '' };
const sides = [
  ['from', 'from the start'],
  ['to', 'to'],
  ['left', 'from the upper selvedge'],
  ['right', 'to'],
] as const;

interface ClothPlacesProps {
  readonly unit: Unit;
  /** Pieces that are cut from the cloth, by their ids. */
  readonly pieces: readonly string[];
}

/** Flaws that nothing is laid over, panels with a worked motif, and the outline of a leftover. */
export function ClothPlaces({ unit, pieces }: ClothPlacesProps) {
  const { control, register } = useFormContext<ClothFields>();
  const outline = useWatch({ control, name: 'outline' });
  const [first = ''] = pieces;
  return (
    <>
      <FieldRows name="flaws" one="Flaw" all="Flaws" lengths={sides} unit={unit} empty={noPlace} />
      <FieldRows
        name="panels"
        one="Panel"
        all="Panels with a worked motif"
        lengths={sides}
        unit={unit}
        empty={{ ...noPlace, piece: first }}
        more={(index) => (
          <label className="mb-1.5 block text-[13px] text-walnut-2">
            carries, middle on middle
            <select className={inputClass} {...register(`panels.${index}.piece`)}>
              {pieces.map((piece) => (
                <option key={piece} value={piece}>
                  {pieceName(piece)}
                </option>
              ))}
            </select>
          </label>
        )}
      />
      <FieldRows
        name="outline"
        one="Corner"
        all="Corners of a leftover"
        lengths={[
          ['along', 'from the start'],
          ['across', 'from the upper selvedge'],
        ]}
        unit={unit}
        empty={{ along: '', across: '' }}
      />
      {outline.length > 0 && (
        <p className="text-[13px] text-walnut-2">
          Go around the leftover from corner to corner. Its width and how much is in hand are those of the
          straight piece that it would come out of.
        </p>
      )}
    </>
  );
}
