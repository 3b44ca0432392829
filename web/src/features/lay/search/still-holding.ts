import { longEnough } from '@ample-bolt/core/lay/model/cloth';
import { laidLay, type KeptLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { checkKept } from '@ample-bolt/core/lay/proof/check-kept';

/** Of lays that were found elsewhere or before, those that hold for these pieces on this cloth, whatever its length: both may have been changed since. */
export const stillHolding = (lays: readonly KeptLay[], { pieces, cloth }: LayTask): Lay[] =>
  lays
    .filter(
      (lay) =>
        Math.abs(lay.width - cloth.width) < 0.01 &&
        checkKept(lay, pieces, longEnough(cloth, lay.length)).length === 0,
    )
    .map((lay) => laidLay(lay, pieces));
