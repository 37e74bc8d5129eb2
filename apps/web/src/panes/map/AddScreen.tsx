'use client';

import { LONGEST_NAME, type Layer } from '@tavu/core/model';
import { layersFor } from '@tavu/core/starter';
import type { ReactNode } from 'react';
import { useStudio } from '../../store';
import { Picker, type Choice, Sheet } from '../../ui';
import { makeScreen } from './makeScreen';
import { goOnAtChosen } from './keys';

const LAYER_WORDS: Record<Layer, string> = {
  base: 'a screen',
  overlay: 'an overlay',
  notice: 'a message (notice)',
  hud: 'a HUD piece, always up in play',
};

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
    makeScreen(name, layer);
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
            layersFor(name).map((layer): Choice => ({
              key: layer,
              words: name,
              label: `Make “${name}”`,
              hint: LAYER_WORDS[layer],
              onPick: () => add(name, layer),
            }))
          }
        />
      )}
    </Sheet>
  );
}
