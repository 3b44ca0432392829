import type { Figure } from '@ample-bolt/core/drafting/draft';
import type { Unit } from '@ample-bolt/core/units/length';
import { renderWorking } from '@ample-bolt/core/workings/render-working';
import { Length } from '../../ui/Length.tsx';

interface FigureTableProps {
  /** The line that the shop works by. */
  readonly line: 'cut' | 'stitch';
  readonly title: string;
  readonly figures: readonly Figure[];
  readonly unit: Unit;
  /** The figure that is opened beside the table. */
  readonly opened: string | undefined;
  readonly onOpen: (id: string | undefined) => void;
  readonly onFocus: (id: string) => void;
}

/** The figures of one piece, each with its sum and what it is on the other line. */
export const FigureTable = ({ line, title, figures, unit, opened, onOpen, onFocus }: FigureTableProps) => (
  <div
    role="region"
    aria-label="Figures"
    tabIndex={0}
    className="min-h-0 overflow-auto rounded-soft border border-linen-2 bg-white"
  >
    <table className="w-full border-collapse">
      <thead className="sticky top-0 z-10 bg-white text-left text-[13px] text-walnut-2">
        <tr className="border-b border-linen-2">
          <th className="px-5 py-2.5 font-semibold">{title}</th>
          <th className="px-3 py-2.5 text-right font-semibold">{line === 'stitch' ? 'Stitch' : 'Cut'}</th>
          <th className="px-5 py-2.5 text-right font-semibold">{line === 'stitch' ? 'Cut' : 'Stitch'}</th>
        </tr>
      </thead>
      <tbody>
        {figures.map((figure) => (
          <FigureRow
            key={figure.id}
            figure={figure}
            unit={unit}
            open={figure.id === opened}
            onOpen={() => onOpen(figure.id === opened ? undefined : figure.id)}
            onFocus={() => onFocus(figure.id)}
          />
        ))}
      </tbody>
    </table>
  </div>
);

interface FigureRowProps {
  readonly figure: Figure;
  readonly unit: Unit;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onFocus: () => void;
}

const FigureRow = ({ figure, unit, open, onOpen, onFocus }: FigureRowProps) => (
  <tr
    className={`border-b border-linen-2 align-top last:border-b-0 ${open ? 'bg-indigo-1' : 'hover:bg-linen-1'}`}
  >
    <td className="p-0">
      <button
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        onFocus={onFocus}
        className="w-full px-5 py-2 text-left"
      >
        <span className="block">
          {figure.label}
          {figure.by === 'hand' && (
            <span className="ml-2 rounded-[3px] bg-weld-1 px-1.5 text-sm font-semibold text-weld">
              by hand
            </span>
          )}
        </span>
        <span className="block text-sm text-walnut-2">{renderWorking(figure.working, unit, 'typeset')}</span>
      </button>
    </td>
    <td className="px-3 py-2 text-right text-lg font-bold">
      <Length mm={figure.mm} unit={unit} />
      {figure.by === 'hand' && (
        <span className="block text-sm font-normal text-walnut-2">
          computed <Length mm={figure.computed} unit={unit} />
        </span>
      )}
    </td>
    <td className="px-5 py-2 text-right text-walnut-2">
      {figure.kind !== 'length' && Math.abs(figure.cut - figure.stitch) > 0.5 && (
        <Length mm={figure.mm === figure.stitch ? figure.cut : figure.stitch} unit={unit} />
      )}
    </td>
  </tr>
);
