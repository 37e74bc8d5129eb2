export {
  namesIn,
  sayParts,
  textParts,
  textTroubles,
  type MessagePart,
  type NamedPart,
  type TextPart,
} from './message';
export { renameInText } from './rename';
