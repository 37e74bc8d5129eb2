export { ease } from './easing';
export * from './half';
