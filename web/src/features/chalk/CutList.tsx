import { cautions } from '@ample-bolt/core/words/cautions';
import { clothRoleName, cutName, nameInCloth } from '@ample-bolt/core/words/names';
import type { Unit } from '@ample-bolt/core/units/length';
import { CutBox } from './CutBox.tsx';
import { edgesToCut } from './edges-to-cut.ts';
import { LaterList } from './LaterList.tsx';
import { OpenCloths } from './OpenCloths.tsx';
import { nextToCut, type PieceToCut } from './pieces-to-cut.ts';

interface CutListProps {
  readonly pieces: readonly PieceToCut[];
  /** The pieces that are cut, and the edges that were cut later. */
  readonly cut: readonly string[];
  /** Whether every cloth of the garment is laid, so that these are all its pieces. */
  readonly isWhole: boolean;
  readonly unit: Unit;
  /** All that is cut, after one was ticked on or off. */
  readonly onCut: (cut: readonly string[]) => void;
}

/** Every laid piece in cutting order; one that is chalked through can be ticked off as cut. */
export function CutList({ pieces, cut: done, isWhole, unit, onCut }: CutListProps) {
  const toggle = (id: string) =>
    onCut(done.includes(id) ? done.filter((each) => each !== id) : [...done, id]);
  const later = edgesToCut(pieces, done);
  const allCut = pieces.every(({ cut }) => cut);
  const isChalked = isWhole && pieces.every(({ ready }) => ready);
  const leftForLater = later.some(({ cut }) => !cut);
  const next = nextToCut(pieces);
  const roles = [...new Set(pieces.map(({ drafted }) => drafted.piece.role))];
  return (
    <>
      <h1 className="text-4xl">
        {allCut ? (isWhole ? 'All cut' : 'Cut so far') : isChalked ? 'All chalked' : 'Cut list'}
      </h1>
      <p className="mt-2 text-lg text-chalk-soft">
        {allCut && isWhole
          ? leftForLater
            ? 'Fuse the stays, join the panels, then cut what was left for later.'
            : 'Fuse the stays, then sew.'
          : 'Check with the tape once more; the largest first; label each before the next.'}
      </p>
      <OpenCloths />
      {roles.map((role) => (
        <section key={role}>
          <h2 className="mt-3 mb-1 font-text text-sm font-semibold tracking-normal text-chalk-soft">
            {clothRoleName[role]}
          </h2>
          <ul className="grid grid-cols-2 gap-2">
            {pieces
              .filter(({ drafted }) => drafted.piece.role === role)
              .map((each) => (
                <li key={each.drafted.piece.id}>
                  <CutBox
                    name={nameInCloth(each.drafted.piece)}
                    says={saysOf(each)}
                    cut={each.cut}
                    ready={each.ready}
                    next={each.drafted === next}
                    onToggle={() => toggle(each.drafted.piece.id)}
                  />
                </li>
              ))}
          </ul>
        </section>
      ))}
      {later.length > 0 && <LaterList edges={later} unit={unit} onToggle={toggle} />}
      <ul className="mt-4 flex list-disc flex-col gap-1 pl-5 text-chalk-soft">
        {cautions.cutting.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </>
  );
}

function saysOf({ drafted: { piece }, cut, ready }: PieceToCut): string {
  if (cut) return 'cut';
  return ready ? cutName(piece.cut.layers, piece.cut.copies) : 'not chalked yet';
}
