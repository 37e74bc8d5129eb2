export { problemWords, refusal, refusalWords, type Problem, type Refusal, type RefusalCode } from './refusal';
