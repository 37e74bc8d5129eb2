import { freshId } from '@tavu/core/model';
import { edit, useStudio } from '../../store';
import { goToStep, setLines } from './chosen';

/** A new conversation whose first line can be typed at once. */
export function newConversation(): void {
  const [speaker] = useStudio.getState().project.speakers ?? [];
  const step = { id: freshId('s'), step: 'line' as const, speaker: speaker?.id ?? null, text: '' };
  const made = edit('add conversation', { name: 'Conversation', steps: [step] });
  setLines({ part: 'conversations', conversation: made ?? null });
  goToStep(step.id);
}

/** A new routine that says the words it is given. */
export function newRoutine(): void {
  const [speaker] = useStudio.getState().project.speakers ?? [];
  const step = { id: freshId('s'), step: 'line' as const, speaker: speaker?.id ?? null, text: '{words}' };
  const routine = edit('add routine', { name: 'Routine', steps: [step] }, { key: 'new routine' })!;
  const parameters = [{ id: freshId('q'), name: 'words', type: 'text' as const }];
  edit('change routine', { routine, change: { parameters } }, { key: 'new routine' });
  setLines({ part: 'routines', routine });
  goToStep(step.id);
}
