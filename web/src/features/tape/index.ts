export { TapePage as Component } from './TapePage.tsx';
