export { talkParts, type TalkParts } from './parts';
export { readingTime, talkTimes, USUAL_TALK, type TalkTimes } from './times';
export { typeOut, type Typed } from './typing';
