'use client';

import { type Id, type Routine, type Step, isPicture, withId } from '@tavu/core/model';
import { useRef } from 'react';
import { endStep, useStudio } from '../../store';
import { Select } from '../../ui';
import { chooseStep, type Owner } from './chosen';
import { SELECT } from './fields';
import { changeStep } from './put';
import { useWanted } from './wanted';

/** A routine that is called, with what it is told here. */
export function Call({ owner, step }: { owner: Owner; step: Step & { step: 'routine' } }) {
  const project = useStudio((studio) => studio.project);
  const routine = withId(project.routines, step.routine);
  /** An argument left out uses the default. */
  const give = (id: Id, value: string, key?: string): void => {
    const { [id]: _, ...others } = step.args ?? {};
    const args = value === '' ? others : { ...others, [id]: value };
    const some = Object.keys(args).length > 0 ? args : undefined;
    changeStep(owner, step.id, { args: some } as Partial<Step>, key);
  };
  const told = routine?.parameters ?? [];
  const speakers = project.speakers ?? [];
  const speaker = routine?.parameters.find(({ type }) => type === 'speaker');
  const said = speaker && String(step.args?.[speaker.id] ?? speaker.default ?? '');
  const pictures = project.assets.filter(isPicture);
  const choices = (
    type: Routine['parameters'][number]['type'],
    usual: string | undefined,
  ): [string, string][] => {
    const none: [string, string] = ['', usual === undefined ? '…' : 'default'];
    if (type === 'speaker') return [none, ...speakers.map(({ id, name }): [string, string] => [id, name])];
    if (type === 'picture') return [none, ...pictures.map(({ id, name }): [string, string] => [id, name])];
    const faces = withId(speakers, said)?.faces ?? speakers.flatMap((item) => item.faces);
    return [none, ...faces.map(({ name }): [string, string] => [name, name])];
  };
  return (
    <>
      <Select
        label="Routine"
        value={step.routine}
        options={(project.routines ?? []).map(({ id, name }): [Id, string] => [id, name])}
        className={SELECT}
        onChange={(next: Id) =>
          changeStep(owner, step.id, { routine: next, args: undefined } as Partial<Step>)
        }
      />
      {told
        .filter(({ type }) => type !== 'text')
        .map(({ id, name, type, default: usual }) => (
          <label key={id} className="flex items-center gap-1 text-soft">
            {name}
            <Select
              label={name}
              value={String(step.args?.[id] ?? '')}
              options={choices(type, usual)}
              className={SELECT}
              onChange={(value: string) => give(id, value)}
            />
          </label>
        ))}
      {told
        .filter(({ type }) => type === 'text')
        .map(({ id, name, default: usual }) => (
          <CallWords
            key={id}
            step={step}
            label={name}
            value={String(step.args?.[id] ?? '')}
            placeholder={usual ?? name}
            onChange={(text) => give(id, text, `tell ${step.id} ${id}`)}
          />
        ))}
    </>
  );
}

function CallWords({
  step,
  label,
  value,
  placeholder,
  onChange,
}: {
  step: Step;
  label: string;
  value: string;
  placeholder: string;
  onChange: (text: string) => void;
}) {
  const area = useRef<HTMLTextAreaElement>(null);
  useWanted(step.id, area);
  return (
    <textarea
      ref={area}
      aria-label={label}
      value={value}
      rows={1}
      maxLength={20_000}
      placeholder={placeholder}
      className="block field-sizing-content min-h-7 w-full basis-full resize-none rounded border border-line bg-sheet px-1.5 py-1 leading-5"
      onFocus={() => chooseStep(step.id)}
      onBlur={endStep}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}
