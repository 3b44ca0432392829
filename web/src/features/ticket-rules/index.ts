export { RulesPage as Component } from './RulesPage.tsx';
