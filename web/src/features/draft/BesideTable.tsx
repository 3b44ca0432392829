import type { Draft, Figure } from '@ample-bolt/core/drafting/draft';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { inches } from '@ample-bolt/core/units/length';
import { girthName } from '@ample-bolt/core/words/girth-name';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { pieceOfFigure } from '@ample-bolt/core/pieces/hand-figure';

interface BesideTableProps {
  readonly here: Draft;
  readonly other: Draft;
  /** What the two are called. */
  readonly names: readonly [here: string, other: string];
  /** The piece on the cloth, whose figures are compared. */
  readonly piece: string;
}

/** Figures nearer than this are the same to the tape, mm. */
const SAME = inches(1 / 16);
/** So many figures are listed, those that moved most. */
const MOST_FIGURES = 8;

interface Moved {
  readonly figure: Figure;
  readonly then: number;
}

/** The figures of a piece that differ between two drafts, those that moved most first. */
const movedFigures = (here: Draft, other: Draft, piece: string): Moved[] =>
  here.figures
    .filter(({ id }) => pieceOfFigure(id) === piece)
    .flatMap((figure) => {
      const then = other.figures.find(({ id }) => id === figure.id)?.mm;
      return then === undefined || Math.abs(then - figure.mm) < SAME ? [] : [{ figure, then }];
    })
    .sort((a, b) => Math.abs(b.then - b.figure.mm) - Math.abs(a.then - a.figure.mm));

/** Two drafts in figures: the ease each leaves, how many seams are true, and what moved on the piece in sight. */
export function BesideTable({ here, other, names, piece }: BesideTableProps) {
  const { ticket } = useTicketContext();
  const number = (mm: number) => formatNumber(mm, ticket.unit, { style: 'typeset' });
  const ease = (mm: number | undefined) =>
    mm === undefined ? '' : `${mm < 0 ? '−' : '+'}${number(Math.abs(mm))}`;
  const count = ({ seams }: Draft) => `${seams.filter(({ ok }) => ok).length} of ${seams.length}`;
  const stops = ({ findings }: Draft) =>
    String(findings.filter(({ severity }) => severity === 'stop').length);
  const moved = movedFigures(here, other, piece);
  const rows = [
    ...here.rounds.map((own) => [
      `Ease at ${girthName(own)}`,
      ease(own.ease),
      ease(other.rounds.find(({ level, face }) => level === own.level && face === own.face)?.ease),
    ]),
    ['Seams true', count(here), count(other)],
    ['Stops', stops(here), stops(other)],
    ...moved
      .slice(0, MOST_FIGURES)
      .map(({ figure, then }) => [figure.label, number(figure.mm), number(then)]),
    ...(moved.length > MOST_FIGURES ? [[`and ${moved.length - MOST_FIGURES} figures more`, '', '']] : []),
  ];
  return (
    <table className="w-full border-collapse rounded-soft border border-linen-2 bg-white text-left text-[15px]">
      <thead className="text-[13px] text-walnut-2">
        <tr>
          <th className="px-4 py-2 font-semibold">Finished</th>
          <th className="px-2 py-2 text-right font-semibold">{names[0]}</th>
          <th className="px-4 py-2 text-right font-semibold whitespace-nowrap">{names[1]}, dashed</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([words, own, others]) => (
          <tr key={words} className="border-t border-linen-2">
            <td className="px-4 py-1.5">{words}</td>
            <td className="px-2 py-1.5 text-right font-bold whitespace-nowrap">{own}</td>
            <td className="px-4 py-1.5 text-right whitespace-nowrap">{others}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
