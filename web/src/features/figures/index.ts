export { FiguresPage as Component } from './FiguresPage.tsx';
