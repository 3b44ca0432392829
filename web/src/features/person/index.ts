export { PersonPage as Component } from './PersonPage.tsx';
