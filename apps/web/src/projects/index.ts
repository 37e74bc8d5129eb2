export { openFirst, openLarge } from './opening';
