import {
  freshId,
  titleCase,
  type Id,
  type Project,
  type Step,
  type StepName,
  withId,
} from '@tavu/core/model';
import {
  Bookmark,
  CornerDownRight,
  Eye,
  EyeOff,
  Flag,
  GitFork,
  Hourglass,
  MessageSquareText,
  Move,
  Music,
  Pause,
  Puzzle,
  ScrollText,
  Zap,
} from 'lucide-react';
import type { ReactNode } from 'react';

/** What steps there are, by what each is called where it is made. */
export const STEP_WORDS: Record<StepName, string> = {
  line: 'Line',
  pause: 'Pause',
  choice: 'Choice',
  effect: 'Do',
  music: 'Music',
  move: 'Move',
  wait: 'Wait for the game',
  label: 'Place',
  jump: 'Go to a place',
  routine: 'Routine',
  conversation: 'Another conversation',
  show: 'Show',
  hide: 'Hide',
  end: 'End here',
};
export const STEP_HINTS: Record<StepName, string> = {
  line: 'somebody says something',
  pause: 'nothing is said for a time',
  choice: 'what the player answers',
  effect: 'set, send, message, sound',
  music: 'until the end of this',
  move: 'an element’s own animation',
  wait: 'for an event, not for ever',
  label: 'that can be gone to',
  jump: 'further up or down',
  routine: 'one that is written once',
  conversation: 'and back here',
  show: 'an element, for the next line',
  hide: 'an element, for the next line',
  end: 'with an answer',
};
export const STEP_ICONS: Record<StepName, ReactNode> = {
  line: <MessageSquareText size={13} />,
  pause: <Pause size={13} />,
  choice: <GitFork size={13} />,
  effect: <Zap size={13} />,
  music: <Music size={13} />,
  move: <Move size={13} />,
  wait: <Hourglass size={13} />,
  label: <Bookmark size={13} />,
  jump: <CornerDownRight size={13} />,
  routine: <Puzzle size={13} />,
  conversation: <ScrollText size={13} />,
  show: <Eye size={13} />,
  hide: <EyeOff size={13} />,
  end: <Flag size={13} />,
};

/**
 * A new step of a sort, with the likeliest of everything it needs. Null where the project has nothing it could name.
 */
export function freshStep(
  project: Project,
  what: StepName,
  { speaker = null, screen = null }: { speaker?: Id | null; screen?: Id | null } = {},
): Step | null {
  const id = freshId('s');
  const elements = withId(project.screens, screen)?.elements ?? [];
  switch (what) {
    case 'line':
      return { id, step: 'line', speaker, text: '' };
    case 'pause':
      return { id, step: 'pause', for: '1 s' };
    case 'choice':
      return {
        id,
        step: 'choice',
        speaker,
        text: '',
        options: ['Yes', 'No'].map((text) => ({ id: freshId('o'), text, steps: [] })),
      };
    case 'effect': {
      const [value] = project.values;
      const event = project.events.find((gameEvent) => gameEvent.direction === 'out');
      if (event) return { id, step: 'effect', effect: { do: 'send', event: event.id } };
      return value ? { id, step: 'effect', effect: { do: 'reset', value: value.id } } : null;
    }
    case 'music':
      return { id, step: 'music', asset: 'none' };
    case 'move': {
      const moving = elements.find((element) => element.animations?.some(({ on }) => on === 'step'));
      const animation = moving?.animations?.find(({ on }) => on === 'step');
      return moving && animation ? { id, step: 'move', element: moving.name, animation: animation.id } : null;
    }
    case 'wait': {
      const event = project.events.find((gameEvent) => gameEvent.direction === 'in');
      return event ? { id, step: 'wait', event: event.id, limit: '5 s' } : null;
    }
    case 'label':
      return { id, step: 'label', name: 'Place' };
    case 'jump':
      return { id, step: 'jump', to: '' };
    case 'routine': {
      const [routine] = project.routines ?? [];
      return routine ? { id, step: 'routine', routine: routine.id } : null;
    }
    case 'conversation': {
      const [other] = project.conversations ?? [];
      return other ? { id, step: 'conversation', conversation: other.id } : null;
    }
    case 'show':
    case 'hide': {
      const [element] = elements.filter((other) => other.role === undefined);
      return element ? { id, step: what, element: element.name } : null;
    }
    case 'end':
      return { id, step: 'end' };
  }
}

/** Why there can be no such step yet, in words. */
export const NEEDS: Partial<Record<StepName, string>> = {
  effect: 'There is nothing to do yet: make a value or an event first.',
  move: 'Nothing on the dialogue screen has an animation that begins by a step.',
  wait: 'The game says nothing yet. Make an event under Values.',
  routine: 'There is no routine yet. Make one under Routines.',
  conversation: 'There is no other conversation.',
  show: 'The dialogue screen has nothing that can be shown or hidden.',
  hide: 'The dialogue screen has nothing that can be shown or hidden.',
};

export const stepWords = (step: Step): string => titleCase(STEP_WORDS[step.step]);
