'use client';

import { identifierOf, LONGEST_NAME, type Effect, type Link, type Value } from '@tavu/core/model';
import { useState } from 'react';
import { bringSound } from '../assets/bring';
import { edit, useStudio } from '../studio/store';
import { Picker, type Choice } from '../ui/Picker';
import { Sheet, Small } from '../ui/parts';

/** Effects that need nothing more said. */
const WHOLE = [
  ['take back changes', 'Take back what was changed here'],
  ['keep changes', 'Keep what was changed here'],
  ['reset bindings', 'Go back to the usual keys'],
] as const;

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
  const change = (effects: Effect[], key?: string): void => {
    edit('change link', { link: link.id, change: { effects } }, key === undefined ? {} : { key });
    close();
  };
  const put = (effect: Effect, key?: string): void => {
    // What it was put off by stays, whatever it does instead.
    const { links } = useStudio.getState().project;
    const now = links.find((each) => each.id === link.id)?.effects ?? link.effects;
    if (index === null) return change([...now, effect], key);
    change(
      now.map((each, i) => {
        if (i !== index) return each;
        return each.after === undefined ? effect : { ...effect, after: each.after };
      }),
      key,
    );
  };
  const takeOut = (): void => change(link.effects.filter((_, i) => i !== index));
  return <EffectChoices put={put} {...(index === null ? {} : { takeOut })} />;
}

/** Everything that can be done besides. Edits with the `key` that `put` is given are one step with its own. */
export function EffectChoices({
  put,
  takeOut,
}: {
  put: (effect: Effect, key?: string) => void;
  takeOut?: () => void;
}) {
  const project = useStudio((studio) => studio.project);
  const notices = project.screens.filter((screen) => screen.layer === 'notice');
  const sounds = project.assets.filter((asset) => asset.media.startsWith('audio/'));
  const sections = [...new Set(project.values.map((value) => value.section))];
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
  choices.push(
    ...project.values.map((value): Choice => ({
      key: `set ${value.id}`,
      group: 'Set a value',
      words: `set ${value.name}`,
      label: value.name,
      hint: value.type,
      onPick: () => put({ do: 'set', value: value.id, to: firstSetting(value) }),
    })),
    ...sounds.flatMap((asset): Choice[] =>
      (['sound', 'stop sound'] as const).map((what) => ({
        key: `${what} ${asset.id}`,
        group: 'Sound',
        words: `${what === 'sound' ? 'play' : 'stop'} sound ${asset.name}`,
        label: `${what === 'sound' ? 'Play' : 'Stop'} ${asset.name}`,
        onPick: () => put({ do: what, asset: asset.id }),
      })),
    ),
    {
      key: 'bring sound',
      group: 'Sound',
      words: 'bring in a sound file',
      label: 'Bring in a sound …',
      hint: 'a file',
      onPick: () => void bringSound().then((asset) => asset && put({ do: 'sound', asset })),
    },
    ...WHOLE.map(([what, label]): Choice => ({
      key: what,
      group: 'Players’ choices',
      words: label,
      label,
      onPick: () => put({ do: what }),
    })),
    ...(['save', 'load'] as const).map((what): Choice => ({
      key: what,
      group: 'Saved games',
      words: what === 'save' ? 'save to a slot the game' : 'load from a slot the game',
      hint: what === 'save' ? 'keeps the saved values' : 'brings the saved values back',
      label: what === 'save' ? 'Save to a slot' : 'Load from a slot',
      onPick: () => put({ do: what, slot: '1' }),
    })),
    ...(project.values.length > 0
      ? [
          {
            key: 'reset all',
            group: 'Back to defaults',
            words: 'reset every value',
            label: 'Every value',
            onPick: () => put({ do: 'reset' }),
          },
          ...sections.map((section) => ({
            key: `reset section ${section}`,
            group: 'Back to defaults',
            words: `reset ${section}`,
            label: section,
            hint: 'a section',
            onPick: () => put({ do: 'reset' as const, section }),
          })),
          ...project.values.map((value) => ({
            key: `reset ${value.id}`,
            group: 'Back to defaults',
            words: `reset ${value.name}`,
            label: value.name,
            onPick: () => put({ do: 'reset' as const, value: value.id }),
          })),
        ]
      : []),
  );
  if (takeOut)
    choices.push({
      key: 'out',
      group: 'Or',
      words: 'remove take this out',
      label: 'Take this out of the sentence',
      onPick: takeOut,
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
          const key = `new notice ${name}`;
          const screen = edit('add screen', { name, layer: 'notice', text }, { key })!;
          put({ do: 'notice', screen }, key);
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
      {
        key: 'new switch',
        group: 'New',
        words: text,
        label: `Set “${name}” on`,
        hint: 'a new value',
        onPick: () => put({ do: 'set', value: edit('add value', { type: 'on/off', name })!, to: 'true' }),
      },
      {
        key: 'new number',
        group: 'New',
        words: text,
        label: `Set “${name}” to a number`,
        hint: 'a new value',
        onPick: () => put({ do: 'set', value: edit('add value', { type: 'number', name })!, to: '1' }),
      },
    ];
  };
  return (
    <Picker
      label="What is shown or said"
      placeholder="A message, a value, a sound, a word to the game"
      choices={choices}
      typed={typed}
    />
  );
}

export function AddEffect({ link }: { link: Link }) {
  const [open, setOpen] = useState(false);
  const anchor = (
    <span>
      <Small aria-label="Also show or say something" onClick={() => setOpen(true)}>
        also …
      </Small>
    </span>
  );
  return (
    <Sheet anchor={anchor} open={open} onOpen={setOpen} label="Also show or say something">
      {open && <EffectPicker link={link} index={null} close={() => setOpen(false)} />}
    </Sheet>
  );
}

/** What a value is first set to: the other way for a switch, a step more for a number. */
function firstSetting(value: Value): string {
  const name = identifierOf(value.name);
  switch (value.type) {
    case 'on/off':
      return 'true';
    case 'number':
      return `${name} + ${value.step ?? 1}`;
    case 'choice':
      return JSON.stringify(value.options[0]?.id ?? '');
    case 'text':
      return '""';
  }
}
