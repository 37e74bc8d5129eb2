export { clashesOf, type Clash } from './clashes';
export { componentTroubles, linkTroubles, screenTroubles, troublesOf, type Trouble } from './troubles';
export { allTalkTroubles, misfits, overflowing, readingSpeed, talkTroubles, type TalkTrouble } from './talks';
