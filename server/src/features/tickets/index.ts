/** What of tickets other features use. */
export { changeTicket, ticketById } from './ticket-changes.ts';
export { draftToCut } from './ticket-service.ts';
export { sharedPieces } from './ticket-lays.ts';
