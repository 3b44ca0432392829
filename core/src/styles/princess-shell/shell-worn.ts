import type { WornPart } from '../../drafting/draft.ts';
import { hangTogether } from '../worn.ts';
import type { PrincessShell } from './princess-shell.ts';

/** The panels of a shell as they hang. */
export const shellWorn = ({ front, back }: Pick<PrincessShell, 'front' | 'back'>): WornPart[] => [
  ...hangTogether(front.centre, front.side, 'front'),
  ...hangTogether(back.centre, back.side, 'back'),
];
