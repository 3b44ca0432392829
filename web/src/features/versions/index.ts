export { VersionsPage as Component } from './VersionsPage.tsx';
