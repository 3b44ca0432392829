export { HousePage as Component } from './HousePage.tsx';
