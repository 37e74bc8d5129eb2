export type { Check, Finding, Severity, Where } from './finding';
export { CHECKS, findingMark, findingWords, type Code } from './registry';
export {
  findingsAtLarge,
  findingsDrawn,
  findingsOf,
  findingsOfComponent,
  findingsOfLink,
  findingsOfScreen,
  findingsOfTalk,
  findingsOfTalks,
  findingsTranslated,
} from './look';
export { markTroubles } from './marked';
export { readingSpeed } from './room';
