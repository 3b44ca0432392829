import { roleName, nameInCloth } from '@ample-bolt/core/words/names';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { CutBox } from './CutBox.tsx';
import type { EdgeToCut } from './edges-to-cut.ts';

interface LaterListProps {
  readonly edges: readonly EdgeToCut[];
  readonly unit: Unit;
  readonly onToggle: (id: string) => void;
}

/** The edges that were left with a reserve, to be ticked off when they are cut. */
export const LaterList = ({ edges, unit, onToggle }: LaterListProps) => (
  <section>
    <h2 className="mt-3 mb-1 font-text text-sm font-semibold tracking-normal text-chalk-soft">
      Later, once the panels are joined
    </h2>
    <ul className="grid grid-cols-2 gap-2">
      {edges.map(({ id, piece, role, later, cut, ready }) => (
        <li key={id}>
          <CutBox
            name={`${nameInCloth(piece)}, ${roleName[role]}`}
            says={cut ? 'cut' : `${formatLength(later.reserve, unit, { style: 'typeset' })} reserve`}
            cut={cut}
            ready={ready}
            next={false}
            onToggle={() => onToggle(id)}
          />
        </li>
      ))}
    </ul>
  </section>
);
