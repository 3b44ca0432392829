import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { Unit } from '@ample-bolt/core/units/length';
import type { ReactNode } from 'react';
import { useController, useFormContext } from 'react-hook-form';
import { CheckBox } from '../../../ui/CheckBox.tsx';
import { FieldRow, inputClass } from '../../../ui/Field.tsx';
import type { ClothFields } from './cloth-fields.ts';

/** Fields that are typed in one line. */
type LineField =
  'width' | 'selvedge' | 'length' | 'price' | 'endTrim' | 'repeat' | 'repeatAcross' | 'figureAt' | 'spacing';

interface LineProps {
  readonly name: LineField;
  readonly label: string;
  /** What stands there while nothing is typed. */
  readonly without?: string;
}

function Line({ name, label, without = '' }: LineProps) {
  const { register, formState } = useFormContext<ClothFields>();
  return (
    <FieldRow label={label}>
      <input
        className={inputClass}
        placeholder={without}
        aria-invalid={formState.errors[name] !== undefined}
        autoComplete="off"
        {...register(name)}
      />
    </FieldRow>
  );
}

interface TickProps {
  readonly name: 'oneWay' | 'bothSides' | 'matched' | 'isStretchAlong';
  readonly children: ReactNode;
}

function Tick({ name, children }: TickProps) {
  const { field } = useController<ClothFields, TickProps['name']>({ name });
  return (
    <CheckBox checked={field.value} onChange={field.onChange}>
      {children}
    </CheckBox>
  );
}

interface ClothLinesProps {
  readonly unit: Unit;
  /** Cloths that it can be pinned under. */
  readonly aboves: readonly ClothRole[];
}

/** What the tailor can read off the bolt and with the tape. */
export function ClothLines({ unit, aboves }: ClothLinesProps) {
  const { register, setValue, formState } = useFormContext<ClothFields>();
  return (
    <>
      <FieldRow label="Name">
        <input
          className={inputClass}
          placeholder="colour and kind"
          aria-invalid={formState.errors.name !== undefined}
          autoComplete="off"
          // Under another name it is another cloth.
          {...register('name', { onChange: () => setValue('bolt', '', { shouldDirty: true }) })}
        />
      </FieldRow>
      <Line name="width" label={`Width, ${unit}`} />
      <Line name="selvedge" label={`Selvedge, ${unit}`} />
      <Line name="length" label={`Length in stock, ${unit}`} without="to be bought" />
      <FieldRow label="Colour">
        <input type="color" className={`${inputClass} h-9 p-1`} {...register('colour')} />
      </FieldRow>
      <Tick name="oneWay">One way: pile or print has a top</Tick>
      <Tick name="bothSides">Alike on both sides: pieces may be turned over</Tick>
      <Line name="price" label={`Price of a ${unit === 'in' ? 'yard' : 'metre'}`} without="not known" />
      <Line name="endTrim" label={`Trim at ends, ${unit}`} without="none" />
      <Line name="repeat" label={`Repeat, ${unit}`} without="none" />
      <Tick name="matched">Match the print around the body</Tick>
      <Line name="repeatAcross" label={`Across, ${unit}`} without="no stripes across" />
      <Line name="figureAt" label={`Stripe at, ${unit}`} without="in the middle" />
      <Line name="spacing" label={`Gap between pieces, ${unit}`} without="none" />
      <FieldRow label="Border along">
        <select
          className={inputClass}
          aria-invalid={formState.errors.border !== undefined}
          {...register('border')}
        >
          <option value="">none</option>
          <option value="left">the upper selvedge</option>
          <option value="right">the lower selvedge</option>
        </select>
      </FieldRow>
      <Tick name="isStretchAlong">Stretches along its length: pieces lie across</Tick>
      {aboves.length > 0 && (
        <FieldRow label="Pinned under">
          <select
            className={inputClass}
            aria-invalid={formState.errors.under !== undefined}
            {...register('under')}
          >
            <option value="">nothing</option>
            {aboves.map((above) => (
              <option key={above} value={above}>
                the {above}
              </option>
            ))}
          </select>
        </FieldRow>
      )}
    </>
  );
}
