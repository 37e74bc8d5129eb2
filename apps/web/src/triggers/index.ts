export { OutcomePicker } from './OutcomePicker';
export { editorOfTrigger, TRIGGER_EDITORS } from './registry';
export { TriggerPicker } from './TriggerPicker';
export type { BlankOf, Offer, TriggerEditor } from './editor';
