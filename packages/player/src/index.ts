export { Player, type PlayerOptions } from './player';
export { ownPlaying, type Playing, type PlayingStore } from './playing';
export { playPage, type PageData } from './page';
export { familyOf, loadFonts, loadOwnFonts } from './fonts';
export { Clock, LONGEST_FRAME } from './clock';
export { PadReader, type PadReading } from './pad';
export { patchChildren } from './dom';
export { loudness, musicOf } from './sounds';
export { usualSound } from './usual';
