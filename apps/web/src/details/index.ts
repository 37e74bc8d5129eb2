export { ReadingColumn } from './ReadingColumn';
