import type { StationId } from '@ample-bolt/core/shop/stations';

export const stationNames: Readonly<Record<StationId, string>> = {
  measure: 'Measure',
  style: 'Style',
  figures: 'Figures',
  draft: 'Draft',
  lay: 'Lay',
  chalk: 'Chalk',
};
