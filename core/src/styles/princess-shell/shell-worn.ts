import type { WornPart } from '../../drafting/draft.ts';
import type { Named } from '../../checks/rounds.ts';
import { hangTogether } from '../../garment/worn.ts';
import type { PrincessShell } from './princess-shell.ts';

/** The panels of a shell as they hang. */
export const shellWorn =
  ({ front, back }: Pick<PrincessShell, 'front' | 'back'>) =>
  (named: Named): WornPart[] => [
    ...hangTogether(named(front.centre.id), named(front.side.id), 'front'),
    ...hangTogether(named(back.centre.id), named(back.side.id), 'back'),
  ];
