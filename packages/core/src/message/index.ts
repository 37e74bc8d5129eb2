export {
  namesIn,
  sayParts,
  textParts,
  textTroubles,
  type MessagePart,
  type NamedPart,
  type TextPart,
} from './message';
export { knowMessages, messagesReadBy, type ReadMessages } from './read';
export { guessSaidType } from './guess';
export { textTroubleWords, type TextTrouble } from './troubles';
export { renameInText } from './rename';
