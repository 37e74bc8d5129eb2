export { ColourField, Swatch } from './ColourField';
export { ConditionBlank } from './ConditionBlank';
export { ConditionRow } from './ConditionRow';
export { ConditionField } from './ConditionField';
export { ScalarInput } from './ScalarInput';
export { putOn, type Put } from './change';
export { makeSetting, makeValue } from './makeValue';
export { newType, readNumber, readOptions, readValueName, readWord } from './scalars';
export { kindFor, useTargetChoices } from './targetChoices';
