export { DraftPage as Component } from './DraftPage.tsx';
