/** What of clients other features use. */
export { newClient } from './client-service.ts';
