export { check, kindOf, type Checked, type Kind } from './check';
export { complete, type Completion } from './complete';
export { evaluate, Failure, ready, type Reading, type Ready } from './evaluate';
export { FUNCTIONS } from './functions';
export { meant } from './meant';
export { nearest } from './near';
export { LONGEST_EXPRESSION, parse, quoted, type Complaint } from './parse';
export { renameIn } from './rename';
export { scopeOfScreen, scopeWith, type Known, type Scope } from './scope';
