export {
  sayParts,
  textParts,
  textTroubles,
  type MessagePart,
  type NamedPart,
  type TextPart,
} from './message';
