import { cautions } from '@ample-bolt/core/words/cautions';
import { clothRoleName, cutName, nameInCloth } from '@ample-bolt/core/words/names';
import { Check } from 'lucide-react';
import { nextToCut, type PieceToCut } from './pieces-to-cut.ts';

interface CutListProps {
  readonly pieces: readonly PieceToCut[];
  /** All pieces that are cut, after one was ticked on or off. */
  readonly onCut: (cut: readonly string[]) => void;
}

/** Every laid piece in cutting order; one that is chalked through can be ticked off as cut. */
export function CutList({ pieces, onCut }: CutListProps) {
  const toggle = (id: string) =>
    onCut(
      pieces
        .filter(({ drafted, cut }) => cut !== (drafted.piece.id === id))
        .map(({ drafted }) => drafted.piece.id),
    );
  const allCut = pieces.every(({ cut }) => cut);
  const next = nextToCut(pieces);
  const roles = [...new Set(pieces.map(({ drafted }) => drafted.piece.role))];
  return (
    <>
      <h1 className="text-4xl">
        {allCut ? 'All cut' : pieces.every(({ ready }) => ready) ? 'All chalked' : 'Cut list'}
      </h1>
      <p className="mt-2 text-lg text-chalk-soft">
        {allCut
          ? 'Fuse the stays, then sew.'
          : 'Check with the tape once more; the largest first; label each before the next.'}
      </p>
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
                  <CutBox {...each} next={each.drafted === next} onToggle={toggle} />
                </li>
              ))}
          </ul>
        </section>
      ))}
      <ul className="mt-4 flex list-disc flex-col gap-1 pl-5 text-chalk-soft">
        {cautions.cutting.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </>
  );
}

interface CutBoxProps extends PieceToCut {
  readonly next: boolean;
  readonly onToggle: (id: string) => void;
}

const CutBox = ({ drafted: { piece }, cut, ready, next, onToggle }: CutBoxProps) => (
  <button
    type="button"
    role="checkbox"
    aria-checked={cut}
    aria-current={next}
    disabled={!ready && !cut}
    onClick={() => onToggle(piece.id)}
    className="flex min-h-12 w-full items-center gap-3 rounded-soft border border-table-2 px-3 text-left aria-checked:bg-table-2 aria-[current=true]:border-chalk-now disabled:text-chalk-soft"
  >
    <span className="grid size-6 shrink-0 place-items-center rounded-[3px] border-2 border-current">
      {cut && <Check size={18} strokeWidth={3} aria-hidden />}
    </span>
    <span className="min-w-0">
      <span className="block truncate font-semibold">{nameInCloth(piece)}</span>
      <span className="block text-sm text-chalk-soft">
        {cut ? 'cut' : ready ? cutName(piece.cut.layers, piece.cut.copies) : 'not chalked yet'}
      </span>
    </span>
  </button>
);
