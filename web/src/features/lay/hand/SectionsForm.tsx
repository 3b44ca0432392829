import { folds, type Fold, type Lay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { sectionsObstacle } from '@ample-bolt/core/lay/plan/plan-sections';
import type { WantedSection } from '@ample-bolt/core/lay/model/lay-task';
import type { Unit } from '@ample-bolt/core/units/length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { pieceName } from '@ample-bolt/core/words/names';
import { ArrowRight, Plus, X } from 'lucide-react';
import { Button } from '../../../ui/Button.tsx';
import { useKept } from '../../../ui/use-kept.ts';
import { FoldPicture } from '../facts/FoldPicture.tsx';
import { foldWords } from '../facts/fold-words.ts';
import { forPieces, movedOn, sectionsOf, withoutSection } from './wanted-sections.ts';
import { boxClass } from '../../../ui/Field.tsx';

interface SectionsFormProps {
  /** What is laid, and on what. */
  readonly task: LayTask;
  /** The lay to begin from. */
  readonly lay: Lay;
  readonly unit: Unit;
  /** By which what was chosen is kept over a reload. */
  readonly keptAs: string;
  readonly onLay: (sections: readonly WantedSection[]) => void;
  readonly onDone: () => void;
}

/** More often than this nobody folds a cloth. */
const MOST_SECTIONS = 4;

/** Where along the cloth it is folded anew: each section with its fold and what is cut from it, as the hand wants it. */
export function SectionsForm({ task, lay, unit, keptAs, onLay, onDone }: SectionsFormProps) {
  const [kept, keep] = useKept<readonly WantedSection[]>(keptAs);
  const ids = task.pieces.map(({ id }) => id);
  const sections = forPieces(kept ?? sectionsOf(lay, task.pieces), ids);
  const obstacle = sectionsObstacle(task, sections);
  const words = obstacle && findingWords(obstacle.finding, unit);
  const set = (change: readonly WantedSection[]) => keep(() => change);
  const change = (index: number, fold: Fold) =>
    set(sections.map((section, at) => (at === index ? { ...section, fold } : section)));
  return (
    <section aria-label="Fold in sections" className="flex flex-col gap-2.5">
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-lg">Fold in sections</h2>
        <Button
          look="quiet"
          className="px-3 text-sm"
          onClick={() => {
            keep(() => undefined);
            onDone();
          }}
        >
          Close
        </Button>
      </div>
      <p className="text-sm text-walnut-2">
        From the start of the cloth on. Press a piece to cut it in the next section.
      </p>
      {sections.map(({ fold, pieces }, index) => (
        // Sections have no identity but their place.
        <div key={index} className="rounded-soft border border-linen-3 bg-white p-2">
          <div className="flex items-center gap-1.5">
            <FoldPicture fold={fold} />
            <select
              aria-label={`Fold of section ${index + 1}`}
              aria-invalid={obstacle?.section === index}
              className={`${boxClass} grow text-[15px]`}
              value={fold}
              onChange={({ target }) => change(index, target.value as Fold)}
            >
              {folds.map((each) => (
                <option key={each} value={each}>
                  {foldWords[each].name}
                </option>
              ))}
            </select>
            {sections.length > 1 && (
              <button
                type="button"
                aria-label={`Take section ${index + 1} out`}
                className="grid size-9 place-items-center"
                onClick={() => set(withoutSection(sections, index))}
              >
                <X size={16} aria-hidden />
              </button>
            )}
          </div>
          <div className="mt-1.5 flex flex-wrap gap-1">
            {pieces.map((id) => (
              <button
                key={id}
                type="button"
                disabled={sections.length < 2}
                aria-label={`${pieceName(id)}: cut it in section ${((index + 1) % sections.length) + 1}`}
                className="flex min-h-9 items-center gap-1 rounded-soft border border-linen-3 bg-linen-1 px-2 text-[13px] font-semibold max-md:min-h-11"
                onClick={() => set(movedOn(sections, id))}
              >
                {pieceName(id)}
                {sections.length > 1 && <ArrowRight size={13} aria-hidden />}
              </button>
            ))}
          </div>
          {words && obstacle.section === index && (
            <p role="alert" className="mt-1.5 text-sm text-madder">
              {words.message} {words.remedy}
            </p>
          )}
        </div>
      ))}
      {words && obstacle.section === undefined && (
        <p role="alert" className="text-sm text-madder">
          {words.message} {words.remedy}
        </p>
      )}
      <Button
        look="quiet"
        disabled={sections.length >= MOST_SECTIONS}
        onClick={() => set([...sections, { fold: 'open', pieces: [] }])}
      >
        <Plus size={16} aria-hidden /> Add a section
      </Button>
      <div className="sticky bottom-0 bg-linen-1 pt-1">
        <Button disabled={obstacle !== undefined} onClick={() => onLay(sections)} className="min-h-11 w-full">
          Lay it so
        </Button>
      </div>
    </section>
  );
}
