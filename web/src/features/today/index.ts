export { TodayPage as Component } from './TodayPage.tsx';
