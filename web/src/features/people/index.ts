export { PeoplePage as Component } from './PeoplePage.tsx';
