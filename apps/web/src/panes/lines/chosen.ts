import { everyStep, type Conversation, type Id, type Routine, type Step, withId } from '@tavu/core/model';
import { create } from 'zustand';
import { showLine } from '../../run';
import { choose, useStudio } from '../../store';
import { rowsOf } from './rows';

/** What steps belong to. */
export type Owner = Conversation | Routine;

/** What is looked at in the Lines pane, and chosen there. */
export type Part = 'conversations' | 'routines' | 'speakers' | 'texts';

interface Lines {
  part: Part;
  /** The conversation and the routine that are open. */
  conversation: Id | null;
  routine: Id | null;
  /** The step that is read in the reading column. */
  step: Id | null;
  /** Rows that are chosen to be moved or copied together. */
  picked: readonly Id[];
  /** What is to get the keyboard once it is there. */
  wanted: { id: Id; at: 'start' | 'end' } | null;
  find: string;
  /** Which of the rows that were found is looked at; goes round. */
  hit: number;
  /** Steps that were copied or cut, and what was put on the clipboard for them. */
  copied: { steps: readonly Step[]; text: string } | null;
}

const NONE: readonly Id[] = [];

export const useLines = create<Lines>(() => ({
  part: 'conversations',
  conversation: null,
  routine: null,
  step: null,
  picked: NONE,
  wanted: null,
  find: '',
  hit: 0,
  copied: null,
}));

export const setLines = useLines.setState;

export function chooseStep(step: Id | null): void {
  if (useLines.getState().step !== step) setLines({ step });
  const { chosen } = useStudio.getState();
  if (step === null) return;
  if (chosen.screen !== null || chosen.area !== null) choose({ screen: null });
  const said = conversationWith(step);
  const key = said && rowsOf(said.steps).find(({ id }) => id === step)?.key;
  if (said?.screen && key) showLine(said.screen, { conversation: said.id, key });
}

/** The open conversation, where it has that step. */
function conversationWith(step: Id): Conversation | undefined {
  const { conversations = [] } = useStudio.getState().project;
  const { conversation, part } = useLines.getState();
  const open = withId(conversations, conversation) ?? conversations[0];
  return part === 'conversations' && open && everyStep(open.steps).some(({ id }) => id === step)
    ? open
    : undefined;
}

/** Gives a row the keyboard, where its words begin or end. */
export function goToStep(id: Id, at: 'start' | 'end' = 'end'): void {
  setLines({ wanted: { id, at }, step: id, picked: NONE });
}

/** Opens a conversation in the pane, at a step of it. */
export function openConversation(conversation: Id, step: Id | null = null): void {
  setLines({ part: 'conversations', conversation, step, picked: NONE });
  if (step !== null) goToStep(step);
}

/** The conversation or routine that is open; the first when none has been chosen. */
export function useOpenOwner(): Conversation | Routine | undefined {
  const part = useLines((lines) => lines.part);
  const conversation = useLines((lines) => lines.conversation);
  const routine = useLines((lines) => lines.routine);
  return useStudio(({ project }) => {
    if (part === 'routines') return withId(project.routines, routine) ?? project.routines?.[0];
    return withId(project.conversations, conversation) ?? project.conversations?.[0];
  });
}

/** A conversation or routine as it is now, where what is at hand may be a moment old. */
export function ownerNow(owner: Owner): Owner {
  const { conversations = [], routines = [] } = useStudio.getState().project;
  return [...conversations, ...routines].find((item) => item.id === owner.id) ?? owner;
}

/** The step that is chosen, with what it belongs to; none while something else of the project is. */
export function useChosenStep(): { owner: Conversation | Routine; step: Step } | null {
  const owner = useOpenOwner();
  const id = useLines((lines) => lines.step);
  const part = useLines((lines) => lines.part);
  if (!owner || id === null || (part !== 'conversations' && part !== 'routines')) return null;
  const step = everyStep(owner.steps).find((other) => other.id === id);
  return step ? { owner, step } : null;
}
