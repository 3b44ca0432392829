import type { Migration } from '../migrate.ts';
import { up as clientsAndTickets } from './0001-clients-and-tickets.ts';
import { up as laysHistoryHouse } from './0002-lays-history-house.ts';
import { up as dayOfMeasuring } from './0003-day-of-measuring.ts';
import { up as remarks } from './0004-remarks.ts';
import { up as setsOfTheirOwn } from './0005-sets-of-their-own.ts';
import { up as measuredAtHome } from './0006-measured-at-home.ts';
import { up as styleInHistory } from './0007-style-in-history.ts';
import { up as layRuns } from './0008-lay-runs.ts';
import { up as detailsOfDrafts } from './0009-details-of-drafts.ts';
import { up as partsHaveNames } from './0010-parts-have-names.ts';
import { up as seamsByRuns } from './0011-seams-by-runs.ts';
import { up as tableAndSteps } from './0012-table-and-steps.ts';
import { up as lifeOfTickets } from './0013-life-of-tickets.ts';
import { up as lifeOfClients } from './0014-life-of-clients.ts';
import { up as listsByIndex } from './0015-lists-by-index.ts';
import { up as laysByPlaces } from './0016-lays-by-places.ts';
import { up as stylesOfTheHouse } from './0017-styles-of-the-house.ts';

/** In order; a migration that has run anywhere is never edited. */
export const migrations: readonly { readonly name: string; readonly up: Migration }[] = [
  { name: '0001-clients-and-tickets', up: clientsAndTickets },
  { name: '0002-lays-history-house', up: laysHistoryHouse },
  { name: '0003-day-of-measuring', up: dayOfMeasuring },
  { name: '0004-remarks', up: remarks },
  { name: '0005-sets-of-their-own', up: setsOfTheirOwn },
  { name: '0006-measured-at-home', up: measuredAtHome },
  { name: '0007-style-in-history', up: styleInHistory },
  { name: '0008-lay-runs', up: layRuns },
  { name: '0009-details-of-drafts', up: detailsOfDrafts },
  { name: '0010-parts-have-names', up: partsHaveNames },
  { name: '0011-seams-by-runs', up: seamsByRuns },
  { name: '0012-table-and-steps', up: tableAndSteps },
  { name: '0013-life-of-tickets', up: lifeOfTickets },
  { name: '0014-life-of-clients', up: lifeOfClients },
  { name: '0015-lists-by-index', up: listsByIndex },
  { name: '0016-lays-by-places', up: laysByPlaces },
  { name: '0017-styles-of-the-house', up: stylesOfTheHouse },
];
