/** What of the house other features use. */
export { houseRules } from './house-service.ts';
