export {
  namesIn,
  sayParts,
  textParts,
  textTroubles,
  type MessagePart,
  type NamedPart,
  type TextPart,
} from './message';
export { guessSaidType } from './guess';
export { textTroubleWords, type TextTrouble } from './troubles';
export { renameInText } from './rename';
