export { OutboxPage as Component } from './OutboxPage.tsx';
