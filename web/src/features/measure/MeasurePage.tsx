import { useNarrow } from '../../ui/use-narrow.ts';
import { MeasureInHand } from './MeasureInHand.tsx';
import { MeasureAtTable } from './MeasureAtTable.tsx';
import { useMeasuring } from './use-measuring.ts';

/** One measure at a time, in taking order: number, Enter, next. On a phone with a pad for the thumb. */
export function MeasurePage() {
  const measuring = useMeasuring();
  return useNarrow() ? <MeasureInHand measuring={measuring} /> : <MeasureAtTable measuring={measuring} />;
}
