export { LayPage as Component } from './LayPage.tsx';
