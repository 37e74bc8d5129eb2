export { canScroll, holdsOf, PLAY, playOf } from './registry';
export type { Canvas, Holds, Now, Of, OwnUse, Play, Role, Speak, Told, Use } from './play';
