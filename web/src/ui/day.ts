import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** A calendar day as the shop says it: Fri 11 Dec. */
export const dayText = (day: string): string => format(parseISO(day), 'EEE d MMM');

/** A moment as the shop says it: 11 Dec, 09:30. */
export const momentText = (moment: string): string => format(parseISO(moment), 'd MMM, HH:mm');

/** How far off a day is, in words. */
export function daysAway(day: string, today: Date): string {
  const days = differenceInCalendarDays(parseISO(day), today);
  if (days < -1) return `${-days} days late`;
  if (days === -1) return 'a day late';
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  return `in ${days} days`;
}

/** Today plus some days, as yyyy-mm-dd. */
export const dayFrom = (today: Date, days: number): string =>
  format(new Date(today.getFullYear(), today.getMonth(), today.getDate() + days), 'yyyy-MM-dd');
