import { costWords, purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { outlineCount, type Lay } from '@ample-bolt/core/lay/model/lay';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { Length } from '../../../ui/Length.tsx';
import { foldWords } from '../facts/fold-words.ts';
import { FoldPicture } from '../facts/FoldPicture.tsx';
import type { FoldPlan } from '../search/use-lay-search.ts';

interface PlanCardProps {
  readonly plan: Omit<FoldPlan, 'obstacle'>;
  /** What it is called where its fold does not say it. */
  readonly name?: string;
  /** How much of the cloth there is, mm; null where it is to be bought. */
  readonly inHand: number | null;
  /** What a yard or a metre costs, where it is known. */
  readonly price: number | undefined;
  /** What it takes at the table. */
  readonly minutes: number | undefined;
  readonly unit: Unit;
  readonly shown: boolean;
  readonly chosen: boolean;
  readonly running: boolean;
  readonly onShow: () => void;
}

/** What a plan takes: an amount to buy, or so much of what there is. */
const amountWords = ({ buy, length }: Lay, inHand: number | null, unit: Unit): string =>
  inHand === null
    ? purchaseWords(buy, 'typeset')
    : formatLength(length, unit, { denominator: 4, style: 'typeset' });

const piecesToChalk = (count: number): string =>
  count === 1 ? '1 piece to chalk' : `${count} pieces to chalk`;

/** One way of folding, with what it costs in cloth and in chalk. */
export function PlanCard({
  plan,
  name,
  inHand,
  price,
  minutes,
  unit,
  shown,
  chosen,
  running,
  onShow,
}: PlanCardProps) {
  const { lay, fold, work } = plan;
  return (
    <button
      type="button"
      aria-pressed={shown}
      disabled={!lay}
      title={foldWords[fold].how}
      onClick={onShow}
      className="relative flex min-h-20 min-w-0 flex-1 snap-start flex-col max-lg:min-w-52 justify-center rounded-soft border border-linen-2 bg-white px-4 py-2 text-left aria-pressed:outline-2 aria-pressed:-outline-offset-1 aria-pressed:outline-indigo"
    >
      <span className="absolute top-2 right-2 text-walnut-2">
        <FoldPicture fold={fold} />
      </span>
      <span className="flex flex-wrap items-baseline gap-x-3 pr-9">
        <span className="font-head text-2xl font-semibold whitespace-nowrap">
          {lay ? amountWords(lay, inHand, unit) : '–'}
        </span>
        <strong>{name ?? foldWords[fold].name}</strong>
        {chosen && <strong className="text-sm text-woad">chosen</strong>}
      </span>
      <span className="text-sm">
        {lay && (
          <span className="text-walnut-2">
            {inHand === null ? (
              <>
                <Length mm={lay.length} unit={unit} /> long
              </>
            ) : (
              <>
                of <Length mm={inHand} unit={unit} />
              </>
            )}{' '}
            · {piecesToChalk(outlineCount(lay))} · {Math.round(minutes ?? 0)} min
            {price === undefined ? '' : ` · costs ${costWords(lay.buy, price)}`}
            {running ? ` · ${work} tried so far` : ''}
          </span>
        )}
        {!lay && <span className="text-walnut-2">{running ? 'laying' : 'not laid yet'}</span>}
      </span>
    </button>
  );
}
