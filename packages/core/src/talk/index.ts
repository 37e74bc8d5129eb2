export { talkParts, type TalkParts } from './parts';
export { readingTime, talkTimes, USUAL_TALK, type TalkTimes } from './times';
export { lettersOf, typeOut, withoutMarks, type Typed } from './typing';
