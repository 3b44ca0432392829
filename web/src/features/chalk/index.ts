export { ChalkPage as Component } from './ChalkPage.tsx';
