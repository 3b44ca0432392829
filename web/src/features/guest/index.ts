export { GuestPage as Component } from './GuestPage.tsx';
