export { InputPane } from './InputPane';
