export { compileTalk, missing } from './compile';
export { pagesOf, wordsRoom, type Page } from './pages';
export { talkParts, type TalkParts } from './parts';
export { readingTime, talkTimes, USUAL_TALK, type TalkTimes } from './times';
export { lettersOf, typeOut, withoutMarks, type Typed } from './typing';
export { linesUnder } from './types';
export type { CompiledOption, CompiledTalk, Op, OpOf, Shown, Spoken } from './types';
