import type { CheckedSeam } from '@ample-bolt/core/pieces/check-seams';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { Check, X } from 'lucide-react';

interface SeamTableProps {
  readonly seams: readonly CheckedSeam[];
  readonly unit: Unit;
  readonly current: string | undefined;
  readonly onShow: (seam: CheckedSeam) => void;
}

/** Each seam with both its lengths; choosing one lights it on the piece. */
export const SeamTable = ({ seams, unit, current, onShow }: SeamTableProps) => (
  <section className="rounded-soft border border-linen-2 bg-white py-2">
    <h2 className="px-4 py-1.5 font-text text-[13px] font-semibold tracking-normal text-walnut-2">
      Seams, measured on both sides
    </h2>
    {seams.map((seam) => (
      <button
        key={seam.id}
        type="button"
        aria-pressed={seam.id === current}
        onClick={() => onShow(seam)}
        className="flex min-h-9 w-full items-center gap-2 px-4 text-left text-[15px] hover:bg-linen-1 aria-pressed:bg-indigo-1"
      >
        {seam.ok ? (
          <Check size={16} className="text-woad" aria-label="true" />
        ) : (
          <X size={16} className="text-madder" aria-label="not true" />
        )}
        <span className="grow truncate">{seamWords(seam.id)}</span>
        <span className="font-semibold whitespace-nowrap">
          {formatNumber(seam.lengthA, unit, { denominator: 16, style: 'typeset' })}{' '}
          {seam.relation.kind === 'equal' ? '=' : '·'}{' '}
          {formatNumber(seam.lengthB, unit, { denominator: 16, style: 'typeset' })}
        </span>
      </button>
    ))}
  </section>
);

const seamWords = (id: string): string =>
  id.replaceAll('-', ' ').replace(/ (\d)$/, (_, place: string) => (place === '1' ? '' : ', outer'));
