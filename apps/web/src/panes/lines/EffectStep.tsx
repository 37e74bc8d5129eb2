'use client';

import { effectOf } from '@tavu/core/effects';
import { authorOfEffect } from '@tavu/core/effects/author';
import type { Effect, Id, Step } from '@tavu/core/model';
import { effectWords } from '@tavu/core/words';
import { useState } from 'react';
import { editorOfEffect, EffectPicker } from '../../effects';
import { useStudio } from '../../store';
import { Sheet } from '../../ui';
import type { Owner } from './chosen';
import { Expression } from './Conditions';
import { changeStep } from './put';

export function EffectStep({ owner, step }: { owner: Owner; step: Step & { step: 'effect' } }) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const { effect } = step;
  const put = (now: Effect, key?: string): void => {
    changeStep(owner, step.id, { effect: now }, key);
    setOpen(false);
  };
  const { gives, tells } = effectOf(effect);
  const told = tells?.(effect, project);
  const author = authorOfEffect(effect);
  const give = (id: Id, text: string): void => {
    const now = author.tell?.(effect, { ...told?.args, [id]: text });
    if (now) put(now);
  };
  return (
    <>
      <Sheet
        label="What is done"
        open={open}
        onOpen={setOpen}
        trigger={
          <button type="button" className="blank max-w-72 truncate text-left">
            {effectWords(project, effect)}
          </button>
        }
      >
        {open && <EffectPicker put={put} />}
      </Sheet>
      {gives && (
        <Expression
          owner={owner}
          label={editorOfEffect(effect).gives?.short ?? 'Value'}
          value={gives(effect)}
          onChange={(text) => author.gives && put(author.gives.put(effect, text))}
        />
      )}
      {told?.takes.map((take) => (
        <Expression
          key={take.id}
          owner={owner}
          label={take.name}
          value={told.args[take.id] ?? ''}
          onChange={(text) => give(take.id, text)}
        />
      ))}
    </>
  );
}
