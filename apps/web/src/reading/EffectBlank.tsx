'use client';

import { LONGEST_NAME, type Effect, type Link } from '@tavu/core/model';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { edit, useStudio } from '../studio/store';
import { Picker, type Choice } from '../ui/Picker';
import { IconButton, Sheet } from '../ui/parts';

/** What else a sentence does: show or take away a notice, tell the game something. `index` null adds one. */
export function EffectPicker({
  link,
  index,
  close,
}: {
  link: Link;
  index: number | null;
  close: () => void;
}) {
  const project = useStudio((studio) => studio.project);
  const put = (effect: Effect): void => {
    const effects =
      index === null
        ? [...link.effects, effect]
        : link.effects.map((each, i) => (i === index ? effect : each));
    edit('change link', { link: link.id, change: { effects } });
    close();
  };
  const notices = project.screens.filter((screen) => screen.layer === 'notice');
  const choices: Choice[] = [
    ...notices.map((screen): Choice => ({
      key: `show ${screen.id}`,
      group: 'Show',
      words: `show ${screen.name}`,
      label: screen.name,
      hint: screen.lasts,
      onPick: () => put({ do: 'notice', screen: screen.id }),
    })),
    ...project.events
      .filter((each) => each.direction === 'out')
      .map((event): Choice => ({
        key: `tell ${event.id}`,
        group: 'Tell the game',
        words: `tell ${event.name}`,
        label: event.name,
        onPick: () => put({ do: 'send', event: event.id }),
      })),
    ...notices.map((screen): Choice => ({
      key: `clear ${screen.id}`,
      group: 'Take away',
      words: `take away ${screen.name}`,
      label: screen.name,
      onPick: () => put({ do: 'clear notice', screen: screen.id }),
    })),
  ];
  if (index !== null)
    choices.push({
      key: 'out',
      group: 'Or',
      words: 'remove take this out',
      label: 'Take this out of the sentence',
      onPick: () => {
        edit('change link', {
          link: link.id,
          change: { effects: link.effects.filter((_, i) => i !== index) },
        });
        close();
      },
    });
  const typed = (text: string): Choice[] => {
    const name = text.slice(0, LONGEST_NAME);
    return [
      {
        key: 'new notice',
        group: 'New',
        words: text,
        label: `Show “${name}”`,
        hint: 'a new message',
        onPick: () => {
          edit('link to new notice', { link: link.id, name, text });
          close();
        },
      },
      {
        key: 'new event',
        group: 'New',
        words: text,
        label: `Tell the game “${name}”`,
        hint: 'a new event',
        onPick: () => put({ do: 'send', event: edit('add event', { name, direction: 'out' })! }),
      },
    ];
  };
  return (
    <Picker
      label="What is shown or said"
      placeholder="A message, or a word to the game"
      choices={choices}
      typed={typed}
    />
  );
}

export function AddEffect({ link }: { link: Link }) {
  const [open, setOpen] = useState(false);
  const anchor = (
    <span>
      <IconButton name="Also show or say something" onClick={() => setOpen(true)}>
        <Plus size={15} />
      </IconButton>
    </span>
  );
  return (
    <Sheet anchor={anchor} open={open} onOpen={setOpen} label="Also show or say something">
      {open && <EffectPicker link={link} index={null} close={() => setOpen(false)} />}
    </Sheet>
  );
}
