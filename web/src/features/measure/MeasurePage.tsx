import { useSearchParams } from 'react-router';
import { useNarrow } from '../../ui/use-narrow.ts';
import { GarmentMeasuring } from './garment/GarmentMeasuring.tsx';
import { MeasureAtTable } from './MeasureAtTable.tsx';
import { MeasureInHand } from './MeasureInHand.tsx';
import { useMeasuring } from './use-measuring.ts';
import { useTape } from './use-tape.ts';

/** Of the body, or of a garment that fits. */
export function MeasurePage() {
  const [search] = useSearchParams();
  return search.get('of') === 'garment' ? <GarmentMeasuring /> : <BodyMeasuring />;
}

/** One measure at a time, in taking order: number, Enter, next. On a phone with a pad for the thumb. */
function BodyMeasuring() {
  const measuring = useMeasuring();
  const tape = useTape(measuring);
  const narrow = useNarrow();
  return narrow ? (
    <MeasureInHand measuring={measuring} tape={tape} />
  ) : (
    <MeasureAtTable measuring={measuring} tape={tape} />
  );
}
