export { Slate as default } from './Slate.tsx';
