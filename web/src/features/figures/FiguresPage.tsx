import type { Figure } from '@ample-bolt/core/drafting/draft';
import type { Unit } from '@ample-bolt/core/units/length';
import { renderWorking } from '@ample-bolt/core/workings/render-working';
import { useState } from 'react';
import { PieceOnCloth } from '../../canvas/PieceOnCloth.tsx';
import { Length } from '../../ui/Length.tsx';
import { clothColour } from '../ticket/cloth-of.ts';
import { NotYet } from '../ticket/NotYet.tsx';
import { PieceList } from '../ticket/PieceList.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** Every cut dimension of every piece, each with the sum that made it. */
export function FiguresPage() {
  const { ticket, drafted } = useTicketContext();
  const [chosen, setChosen] = useState('bodice-front');
  if (!drafted) return <NotYet />;
  const { pieces, figures } = drafted.draft;
  const current = pieces.find(({ piece }) => piece.id === chosen) ?? pieces[0];
  if (!current) return <NotYet />;
  const own = figures.filter(({ id }) => id.startsWith(`${current.piece.id}/`));
  return (
    <div className="grid h-full grid-cols-[232px_minmax(0,1fr)_300px] gap-4">
      <div>
        <PieceList pieces={pieces} current={current.piece.id} onChoose={setChosen} />
        <p className="mt-3 px-1 text-sm text-walnut-2">
          Cut is on the line you cut, allowances in. Stitch is on the line you sew. Outs are from the centre
          or fold, downs from the start line.
        </p>
      </div>
      <div
        role="region"
        aria-label="Figures"
        tabIndex={0}
        className="min-h-0 overflow-auto rounded-soft border border-linen-2 bg-white"
      >
        <table className="w-full border-collapse">
          <thead className="sticky top-0 bg-white text-left text-[13px] text-walnut-2">
            <tr className="border-b border-linen-2">
              <th className="px-5 py-2.5 font-semibold">{current.piece.name}</th>
              <th className="px-3 py-2.5 text-right font-semibold">Cut</th>
              <th className="px-5 py-2.5 text-right font-semibold">Stitch</th>
            </tr>
          </thead>
          <tbody>
            {own.map((figure) => (
              <FigureRow key={figure.id} figure={figure} unit={ticket.unit} />
            ))}
          </tbody>
        </table>
      </div>
      <PieceOnCloth drafted={current} cloth={clothColour(ticket)} unit={ticket.unit} />
    </div>
  );
}

const FigureRow = ({ figure, unit }: { readonly figure: Figure; readonly unit: Unit }) => (
  <tr className="border-b border-linen-2 align-top last:border-b-0 hover:bg-linen-1">
    <td className="px-5 py-2.5">
      <p>{figure.label}</p>
      <p className="text-sm text-walnut-2">{renderWorking(figure.working, unit, 'typeset')}</p>
    </td>
    <td className="px-3 py-2.5 text-right text-lg font-bold">
      <Length mm={figure.mm} unit={unit} />
    </td>
    <td className="px-5 py-2.5 text-right text-walnut-2">
      {figure.kind !== 'length' && Math.abs(figure.mm - figure.stitch) > 0.5 && (
        <Length mm={figure.stitch} unit={unit} />
      )}
    </td>
  </tr>
);
