import { pieceName } from '@ample-bolt/core/words/names';
import { useController } from 'react-hook-form';
import { CheckBox } from '../../../ui/CheckBox.tsx';
import type { ClothFields } from './cloth-fields.ts';

interface PieceChecksProps {
  readonly name: 'joined' | 'takes';
  readonly title: string;
  readonly ids: readonly string[];
}

/** Pieces that something is said of, ticked. */
export function PieceChecks({ name, title, ids }: PieceChecksProps) {
  const { field } = useController<ClothFields, PieceChecksProps['name']>({ name });
  const checked = field.value;
  if (ids.length === 0) return null;
  return (
    <fieldset className="rounded-soft border border-linen-3 bg-white p-2">
      <legend className="px-1 text-sm font-semibold">{title}</legend>
      {ids.map((id) => (
        <CheckBox
          key={id}
          checked={checked.includes(id)}
          onChange={(isOn) => field.onChange(isOn ? [...checked, id] : checked.filter((each) => each !== id))}
        >
          {pieceName(id)}
        </CheckBox>
      ))}
    </fieldset>
  );
}
