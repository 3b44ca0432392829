export { NewTicketPage as Component } from './NewTicketPage.tsx';
