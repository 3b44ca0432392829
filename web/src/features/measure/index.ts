export { MeasurePage as Component } from './MeasurePage.tsx';
