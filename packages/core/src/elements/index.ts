export { BAR_AWAY, barWidth, hasBars } from './panel/scroll-bar';
export { canScroll, holdsOf, PLAY, playOf } from './registry';
export type { Canvas, Holds, Now, Of, OwnUse, Play, Role, Speak, Spoken, Told, Use } from './play';
