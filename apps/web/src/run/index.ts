export { endAside, showAside } from './aside';
export { askAboutKey, giveAgain } from './asking';
export {
  forgetPlayed,
  give,
  keepInSight,
  letGo,
  playLine,
  restart,
  setByHand,
  setInHand,
  setMaking,
  setMuted,
  setOnly,
  setSpeed,
  showLine,
  startAt,
  stepOn,
  toggleHold,
  writeByHand,
} from './control';
export type { Entry } from './log';
export { goBackTo, turnBackTo } from './past';
export { hold, liveFlow, livePlayer } from './player';
export { closeSecond, loadSecondFonts, openSecond, useSecond } from './second';
export { flowAt, frameAt, showSize, sizesOf, useSizes } from './sizes';
export { startRun } from './start';
export { runLog, SPEEDS, useRun, type Asked, type Span } from './state';
