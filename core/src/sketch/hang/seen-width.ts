/** Part of the surplus of a loose tube of cloth that is seen beside the limb in it; the rest falls in folds. By eye. */
const LOOSE = 0.25;

/** Width that is seen of a tube of cloth round a limb, mm; `part` of a girth is seen where it lies on it. */
export const seenWidth = (girth: number, limb: number, part: number): number =>
  part * limb + (girth < limb ? part : LOOSE) * (girth - limb);
