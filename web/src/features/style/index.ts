export { StylePage as Component } from './StylePage.tsx';
