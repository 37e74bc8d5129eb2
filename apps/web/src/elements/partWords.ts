import type { PartName } from '@tavu/core/model';

/** What the parts of controls are called. */
export const PART_WORDS: Record<PartName, string> = {
  scrollTrack: 'Scroll bar track',
  scrollThumb: 'Scroll bar thumb',
  track: 'Track',
  filled: 'Filled part',
  thumb: 'Thumb',
  knob: 'Knob',
  left: 'Left mark',
  right: 'Right mark',
  strip: 'Behind the tabs',
  mark: 'Mark of the chosen tab',
  row: 'Each row',
  selection: 'Selected words',
  caret: 'Caret',
};
