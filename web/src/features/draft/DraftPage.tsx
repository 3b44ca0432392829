import type { CheckedSeam } from '@ample-bolt/core/pieces/check-seams';
import { formatLength, formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { Check, X } from 'lucide-react';
import { useState } from 'react';
import { PieceOnCloth } from '../../canvas/PieceOnCloth.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { clothColour } from '../ticket/cloth-of.ts';
import { EaseStrip } from '../ticket/EaseStrip.tsx';
import { FindingList } from '../ticket/FindingList.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { PieceList } from '../ticket/PieceList.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** The pieces as drawn, the seams measured against each other, and what the checks found. */
export function DraftPage() {
  const { ticket, drafted } = useTicketContext();
  const [chosen, setChosen] = useState('bodice-front');
  const [seam, setSeam] = useState<CheckedSeam>();
  if (!drafted) return <NotYet />;
  const { pieces, seams, rounds, findings } = drafted.draft;
  const current = pieces.find(({ piece }) => piece.id === chosen) ?? pieces[0];
  if (!current) return <NotYet />;
  const edgeOnPiece = [...(seam?.a ?? []), ...(seam?.b ?? [])]
    .find((edge) => edge.startsWith(`${current.piece.id}/`))
    ?.split('/')[1];
  const show = (next: CheckedSeam) => {
    setSeam(next);
    const here = [...next.a, ...next.b].some((edge) => edge.startsWith(`${current.piece.id}/`));
    if (!here) setChosen((next.a[0] ?? '').split('/')[0] ?? chosen);
  };
  return (
    <div className="grid h-full grid-cols-[232px_minmax(0,1fr)_360px] gap-4">
      <div className="flex flex-col gap-4">
        <PieceList pieces={pieces} current={current.piece.id} onChoose={setChosen} />
        <EaseStrip rounds={rounds} unit={ticket.unit} />
      </div>
      <PieceOnCloth drafted={current} cloth={clothColour(ticket)} unit={ticket.unit} lit={edgeOnPiece} />
      <div className="flex min-h-0 flex-col gap-3 overflow-auto">
        <SeamSummary seams={seams} unit={ticket.unit} />
        <FindingList findings={findings} unit={ticket.unit} />
        <SeamTable seams={seams} unit={ticket.unit} current={seam?.id} onShow={show} />
      </div>
    </div>
  );
}

function SeamSummary({ seams, unit }: { readonly seams: readonly CheckedSeam[]; readonly unit: Unit }) {
  const trueSeams = seams.filter(({ ok }) => ok).length;
  const largest = seams.reduce((most, seam) =>
    Math.abs(seam.difference) > Math.abs(most.difference) ? seam : most,
  );
  const size = Math.abs(largest.difference);
  return (
    <Notice tone={trueSeams === seams.length ? 'done' : 'stop'}>
      <strong>
        {trueSeams} of {seams.length} seams true.
      </strong>{' '}
      {size < 0.4
        ? 'None differs by a hair.'
        : `Largest difference ${formatLength(size, unit, { denominator: 32, style: 'typeset' })}, ${largest.id}.`}
    </Notice>
  );
}

interface SeamTableProps {
  readonly seams: readonly CheckedSeam[];
  readonly unit: Unit;
  readonly current: string | undefined;
  readonly onShow: (seam: CheckedSeam) => void;
}

/** Each seam with both its lengths; choosing one lights it on the piece. */
const SeamTable = ({ seams, unit, current, onShow }: SeamTableProps) => (
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
          {formatNumber(seam.lengthA, unit, { denominator: 16, style: 'typeset' })} ={' '}
          {formatNumber(seam.lengthB, unit, { denominator: 16, style: 'typeset' })}
        </span>
      </button>
    ))}
  </section>
);

const seamWords = (id: string): string =>
  id.replaceAll('-', ' ').replace(/ (\d)$/, (_, place: string) => (place === '1' ? '' : ', outer'));
