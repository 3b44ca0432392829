import type { Unit } from '@ample-bolt/core/units/length';
import { Delete } from 'lucide-react';
import type { PointerEvent, ReactNode } from 'react';
import type { PadKey } from './press-key.ts';

interface KeypadProps {
  readonly unit: Unit;
  /** No measure follows. */
  readonly last: boolean;
  readonly onKey: (key: PadKey) => void;
}

/** The field keeps the focus while the pad is pressed: a measure is stored when it is left, not at every key. */
const keepFocus = (event: PointerEvent) => event.preventDefault();

const rows: readonly (readonly (readonly [PadKey, string])[])[] = [
  [
    ['7', '7'],
    ['8', '8'],
    ['9', '9'],
    ['1/8', '1\u20448'],
  ],
  [
    ['4', '4'],
    ['5', '5'],
    ['6', '6'],
    ['1/4', '1\u20444'],
  ],
  [
    ['1', '1'],
    ['2', '2'],
    ['3', '3'],
    ['1/2', '1\u20442'],
  ],
];

/** Digits and the fractions of the tape, for a thumb. */
export function Keypad({ unit, last, onKey }: KeypadProps) {
  const other = unit === 'in' ? 'cm' : 'in';
  return (
    <div
      role="group"
      aria-label="Keys for the measure"
      className="-mx-3 -mb-2 grid shrink-0 grid-cols-4 gap-1.5 bg-linen-2 p-2"
    >
      {rows.flat().map(([key, word]) => (
        <PadButton key={key} onPress={() => onKey(key)} fraction={key.includes('/')}>
          {word}
        </PadButton>
      ))}
      <span className="grid grid-cols-2 gap-1.5">
        <PadButton onPress={() => onKey('unit')} label={`This one in ${other}`}>
          <span className="text-lg">{other}</span>
        </PadButton>
        <PadButton onPress={() => onKey('point')} label="Decimal point">
          .
        </PadButton>
      </span>
      <PadButton onPress={() => onKey('0')}>0</PadButton>
      <PadButton onPress={() => onKey('back')} label="Take back">
        <Delete size={24} aria-hidden />
      </PadButton>
      <button
        type="submit"
        onPointerDown={keepFocus}
        className="min-h-13 rounded-soft bg-indigo text-lg font-bold text-white"
      >
        {last ? 'Done' : 'Next'}
      </button>
    </div>
  );
}

interface PadButtonProps {
  readonly onPress: () => void;
  readonly children: ReactNode;
  readonly label?: string;
  readonly fraction?: boolean;
}

const PadButton = ({ onPress, children, label, fraction = false }: PadButtonProps) => (
  <button
    type="button"
    aria-label={label}
    onPointerDown={keepFocus}
    onClick={onPress}
    className={`grid min-h-13 place-items-center rounded-soft text-2xl font-semibold ${fraction ? 'bg-indigo-1 text-indigo' : 'bg-white'}`}
  >
    {children}
  </button>
);
