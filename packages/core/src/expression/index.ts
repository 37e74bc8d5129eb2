export { check, kindOf, type Checked, type Kind } from './check';
export { whyWords, type ComplaintCode, type Why } from './complaints';
export {
  clausesOf,
  clausesText,
  COMPARISONS,
  comparisonsOf,
  conditionWords,
  FIRST_SLOT,
  type Clause,
  type Clauses,
  type Comparison,
} from './clauses';
export { complete, type Completion } from './complete';
export {
  evaluate,
  Failure,
  compileExpression,
  type Asked,
  type EvalContext,
  type CompiledExpression,
} from './evaluate';
export { FUNCTIONS, LIST_FUNCTIONS } from './functions';
export { meant } from './meant';
export { nearest } from './near';
export { guessType, type GuessedType } from './guess';
export { LONGEST_EXPRESSION, parse, quoted, type Complaint } from './parse';
export { renameIn } from './rename';
export {
  knownFields,
  scopeOfEach,
  scopeWithTime,
  scopeOfScreen,
  scopeWith,
  type Known,
  type KnownList,
  type Scope,
} from './scope';
export { fieldUses, type FieldUse } from './uses';
