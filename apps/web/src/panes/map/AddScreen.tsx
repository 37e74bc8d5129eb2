'use client';

import { LONGEST_NAME, type Layer } from '@tavu/core/model';
import type { ReactNode } from 'react';
import { edit, useStudio } from '../../store';
import { Picker, type Choice, Sheet } from '../../ui';
import { kindFor } from '../../fields';
import { goOnAtChosen } from './keys';

const LAYERS: { layer: Layer; words: string }[] = [
  { layer: 'base', words: 'a screen' },
  { layer: 'overlay', words: 'an overlay' },
  { layer: 'notice', words: 'a message' },
  { layer: 'hud', words: 'a HUD piece' },
];

export function AddScreen({
  open,
  onOpen,
  children,
}: {
  open: boolean;
  onOpen: (open: boolean) => void;
  children: ReactNode;
}) {
  const screens = useStudio((studio) => studio.project.screens);
  const add = (name: string, layer: Layer): void => {
    edit(
      'add screen',
      { name, kind: kindFor(name, layer), layer, text: name },
      { chosen: (made) => ({ screen: made ?? null, element: null, link: null }) },
    );
    onOpen(false);
    goOnAtChosen();
  };
  return (
    <Sheet label="Add a screen" open={open} onOpen={onOpen} anchor={children}>
      {open && (
        <Picker
          label="Add a screen"
          placeholder="Name the new screen"
          choices={[]}
          refuse={(text) =>
            text.trim().length > LONGEST_NAME
              ? `A name can have ${LONGEST_NAME} characters.`
              : screens.some((screen) => screen.name.toLowerCase() === text.trim().toLowerCase())
                ? `“${text.trim()}” is already in use.`
                : null
          }
          typed={(name) =>
            LAYERS.map(({ layer, words }): Choice => ({
              key: layer,
              words: name,
              label: `Make “${name}”`,
              hint: words,
              onPick: () => add(name, layer),
            }))
          }
        />
      )}
    </Sheet>
  );
}
