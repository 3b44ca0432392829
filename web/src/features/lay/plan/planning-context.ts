import { createContext, use } from 'react';
import type { Planning } from './use-planning.ts';

export const PlanningContext = createContext<Planning | undefined>(undefined);

/** The cloth that is planned on this station. */
export function usePlanned(): Planning {
  const planning = use(PlanningContext);
  if (!planning) throw new Error('no cloth is planned here');
  return planning;
}
