export { RecutPage as Component } from './RecutPage.tsx';
