import { everyStep, type Conversation } from '../model';
import { compileTalk } from './talk';
import { talkTimes } from '../talk';
import type { Made } from './same';
import type { Flow } from './types';

/** Conversations as they are played; those that nothing has changed for are taken over. */
export function compileTalks({
  project,
  language,
  names,
  previous,
}: Made): Pick<Flow, 'talks' | 'talk' | 'speakers'> {
  const before = previous?.project;
  const { conversations = [], routines, speakers, talk, values, rates } = project;
  const sameTimes =
    before !== undefined && before.talk === talk && before.values === values && before.rates === rates;
  const same =
    !names &&
    before?.routines === routines &&
    before?.speakers === speakers &&
    before?.rates === rates &&
    // One conversation may call another.
    (before?.conversations === project.conversations || !conversations.some(callsAnother));
  return {
    talks: new Map(
      conversations.map((conversation) => {
        const old = same ? previous?.talks.get(conversation.id) : undefined;
        return [
          conversation.id,
          old?.conversation === conversation ? old : compileTalk(project, conversation, language),
        ];
      }),
    ),
    talk: sameTimes && previous ? previous.talk : talkTimes(project),
    speakers: new Map((speakers ?? []).map((speaker) => [speaker.id, speaker])),
  };
}

const callsAnother = ({ steps }: Conversation): boolean =>
  everyStep(steps).some((step) => step.step === 'conversation');
