export { TicketsPage as Component } from './TicketsPage.tsx';
