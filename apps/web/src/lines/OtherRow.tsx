'use client';

import type { TalkTrouble } from '@tavu/core/check';
import { scopeOfScreen } from '@tavu/core/expression';
import {
  everyStep,
  readDuration,
  screenById,
  type Conversation,
  type Effect,
  type Field as EventField,
  type Id,
  type Parameter,
  type Routine,
  type Step,
} from '@tavu/core/model';
import { effectWords } from '@tavu/core/words';
import { useRef, useState, type ReactNode } from 'react';
import { EffectChoices } from '../reading/EffectBlank';
import { makeValue } from '../reading/Expressions';
import { useSoundAssets } from '../sound/SoundRules';
import { edit, endStep, useStudio } from '../studio/store';
import { ExpressionField } from '../ui/ExpressionField';
import { Field } from '../ui/Field';
import { Sheet } from '../ui/parts';
import { Select } from '../ui/Row';
import { chooseStep } from './chosen';
import { STEP_ICONS, STEP_WORDS } from './kinds';
import { Bubble, Times, Troubles } from './LineRow';
import { changeStep } from './put';
import { useWanted } from './wanted';

type Owner = Conversation | Routine;

/** A step that says nothing: what it does, on one line. */
export function OtherRow({
  owner,
  step,
  stepKey,
  troubles,
}: {
  owner: Owner;
  step: Step;
  stepKey: string;
  troubles: readonly TalkTrouble[];
}) {
  if (step.step === 'routine')
    return (
      <div className="grid grid-cols-[minmax(0,1fr)_auto] gap-2">
        <div className="min-w-0">
          <div className="flex flex-wrap items-center gap-x-2 gap-y-0.5">
            <span aria-hidden="true" className="text-soft">
              {STEP_ICONS.routine}
            </span>
            <Call owner={owner} step={step} />
          </div>
          <p className="flex flex-wrap gap-x-2 pl-1.5 text-xs leading-5 text-soft">
            <Times owner={owner} stepKey={stepKey} />
            <Troubles troubles={troubles} />
          </p>
        </div>
        <Bubble owner={owner} stepKey={stepKey} />
      </div>
    );
  return (
    <div className="flex min-h-8 flex-wrap items-center gap-x-2 gap-y-0.5 py-0.5">
      <span aria-hidden="true" className="text-soft">
        {STEP_ICONS[step.step]}
      </span>
      <StepFields owner={owner} step={step} />
      {step.note && <span className="w-full pl-5 text-sm text-soft italic">{step.note}</span>}
      <Troubles troubles={troubles} />
    </div>
  );
}

const Name = ({ step }: { step: Step }) => <b className="font-semibold">{STEP_WORDS[step.step]}</b>;

export function StepFields({ owner, step }: { owner: Owner; step: Step }): ReactNode {
  const project = useStudio((studio) => studio.project);
  const sounds = useSoundAssets();
  const put = (change: Partial<Step>): void => changeStep(owner, step.id, change);
  const screen = 'screen' in owner ? screenById(project, owner.screen) : undefined;
  const elements =
    screen?.elements ??
    project.screens.filter((each) => each.kind === 'dialogue').flatMap((each) => each.elements);
  const names = (own: string): [string, string][] =>
    [...new Set([own, ...elements.map((each) => each.name)])].map((each) => [each, each]);
  const labels = everyStep(owner.steps).flatMap((each): [Id, string][] =>
    each.step === 'label' ? [[each.id, each.name]] : [],
  );
  switch (step.step) {
    case 'pause':
      return (
        <>
          <Name step={step} />
          <Time step={step} label="How long" value={step.for} onChange={(time) => put({ for: time })} />
        </>
      );
    case 'effect':
      return <EffectStep owner={owner} step={step} />;
    case 'music':
      return (
        <>
          <Name step={step} />
          <Select
            label="Which music"
            value={step.asset}
            options={[['none', 'silence'], ...sounds.map(({ id, name }): [Id, string] => [id, name])]}
            className={SELECT}
            onChange={(asset: Id) => put({ asset })}
          />
        </>
      );
    case 'move': {
      const moving = elements.find((each) => each.name === step.element);
      const own = (moving?.animations ?? []).filter(({ on }) => on === 'step');
      return (
        <>
          <Name step={step} />
          <Select
            label="What moves"
            value={step.element}
            options={names(step.element)}
            className={SELECT}
            onChange={(element: string) => put({ element })}
          />
          <Select
            label="Which of its animations"
            value={step.animation}
            options={[
              ...own.map(({ id }, i): [Id, string] => [id, `animation ${i + 1}`]),
              ...(own.some(({ id }) => id === step.animation)
                ? []
                : [[step.animation, 'gone'] as [Id, string]]),
            ]}
            className={SELECT}
            onChange={(animation: Id) => put({ animation })}
          />
          <Tick
            label="and go on when it is over"
            on={step.waits === true}
            onChange={(on) => put({ waits: on || undefined })}
          />
        </>
      );
    }
    case 'wait':
      return (
        <>
          <Name step={step} />
          <Select
            label="Which event"
            value={step.event}
            options={project.events
              .filter((each) => each.direction === 'in')
              .map(({ id, name }): [Id, string] => [id, name])}
            className={SELECT}
            onChange={(event: Id) => put({ event })}
          />
          <span className="text-soft">for at most</span>
          <Time step={step} label="At most" value={step.limit} onChange={(limit) => put({ limit })} />
          {step.limit !== undefined && !step.otherwise && (
            <button type="button" className="blank" onClick={() => put({ otherwise: [] })}>
              else …
            </button>
          )}
        </>
      );
    case 'label':
      return (
        <>
          <Name step={step} />
          <span className="w-44">
            <Field
              hidden
              label="Name of the place"
              value={step.name}
              read={(text) =>
                text.trim() === '' ? { error: 'It needs a name.' } : { ok: text.trim().slice(0, 80) }
              }
              onChange={(name) => put({ name })}
            />
          </span>
        </>
      );
    case 'jump':
      return (
        <>
          <Name step={step} />
          <Select
            label="Where to"
            value={step.to}
            options={[
              ...(labels.some(([id]) => id === step.to) ? [] : [[step.to, 'nowhere yet'] as [Id, string]]),
              ...labels,
            ]}
            className={SELECT}
            onChange={(to: Id) => put({ to })}
          />
          <If owner={owner} when={step.when} onChange={(when) => put({ when })} />
        </>
      );
    case 'conversation':
      return (
        <>
          <span>Go on with</span>
          <Select
            label="Which conversation"
            value={step.conversation}
            options={(project.conversations ?? []).map(({ id, name }): [Id, string] => [id, name])}
            className={SELECT}
            onChange={(conversation: Id) => put({ conversation })}
          />
          <span>, and then here</span>
        </>
      );
    case 'show':
    case 'hide':
      return (
        <>
          <Name step={step} />
          <Select
            label="Which element"
            value={step.element}
            options={names(step.element)}
            className={SELECT}
            onChange={(element: string) => put({ element })}
          />
          {step.step === 'show' && (
            <ShowPicture owner={owner} picture={step.picture} onChange={(picture) => put({ picture })} />
          )}
        </>
      );
    case 'end':
      return (
        <>
          <Name step={step} />
          <span className="text-soft">, answering</span>
          <Select
            label="What it answers"
            value={step.outcome ?? ''}
            options={[
              ['', 'nothing'],
              ...(screen?.outcomes ?? []).map(({ id, name }): [Id, string] => [id, name]),
            ]}
            className={SELECT}
            onChange={(outcome: Id) => put({ outcome: outcome === '' ? undefined : outcome })}
          />
        </>
      );
    default:
      return null;
  }
}

const SELECT = 'h-7 max-w-40 min-w-0 border border-line bg-sheet font-semibold hover:bg-chosen-wash';

/** A time that a step takes; it takes the keyboard when the step is new. */
function Time<T extends string | undefined>({
  label,
  value,
  onChange,
}: {
  step: Step;
  label: string;
  value: T;
  onChange: (time: T) => void;
}) {
  const rates = useStudio((studio) => studio.project.rates);
  return (
    <span className="w-20">
      <Field<T>
        hidden
        label={label}
        value={value ?? ''}
        read={(text) => {
          if (text.trim() === '' && value !== undefined && label === 'At most') return { ok: undefined as T };
          return readDuration(text, rates, 's') as { ok: T } | { error: string };
        }}
        onChange={onChange}
      />
    </span>
  );
}

export function Tick({
  label,
  on,
  onChange,
}: {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex cursor-pointer items-center gap-1.5">
      <input
        type="checkbox"
        className="accent-chosen"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}

/** A condition that can be put in and taken out. */
export function If({
  owner,
  when,
  onChange,
}: {
  owner: Owner;
  when: string | undefined;
  onChange: (when: string | undefined) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const screen = 'screen' in owner ? screenById(project, owner.screen) : undefined;
  return (
    <Sheet
      label="Only if"
      open={open}
      onOpen={setOpen}
      trigger={
        <button type="button" className="blank max-w-40 truncate">
          {when === undefined ? 'if …' : `if ${when}`}
        </button>
      }
    >
      <div className="space-y-2 p-3">
        <ExpressionField
          label="Only if"
          value={when ?? ''}
          scope={scopeOfScreen(project, screen)}
          wanted={{ type: 'on/off' }}
          onMake={makeValue}
          onChange={(text) => {
            onChange(text);
            setOpen(false);
          }}
        />
        {when !== undefined && (
          <button
            type="button"
            className="blank"
            onClick={() => {
              onChange(undefined);
              setOpen(false);
            }}
          >
            Take the condition out
          </button>
        )}
      </div>
    </Sheet>
  );
}

function EffectStep({ owner, step }: { owner: Owner; step: Step & { step: 'effect' } }) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const { effect } = step;
  const put = (now: Effect, key?: string): void => {
    changeStep(owner, step.id, { effect: now }, key);
    setOpen(false);
  };
  const takes: readonly (Parameter | EventField)[] =
    effect.do === 'notice'
      ? (screenById(project, effect.screen)?.parameters ?? [])
      : effect.do === 'send'
        ? (project.events.find((each) => each.id === effect.event)?.fields ?? [])
        : [];
  const given = effect.do === 'notice' ? effect.args : effect.do === 'send' ? effect.fields : undefined;
  const give = (id: Id, text: string): void => {
    const now = { ...given, [id]: text };
    put(effect.do === 'send' ? { ...effect, fields: now } : ({ ...effect, args: now } as Effect));
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
        {open && <EffectChoices put={put} />}
      </Sheet>
      {effect.do === 'set' && (
        <Expression owner={owner} label="To" value={effect.to} onChange={(to) => put({ ...effect, to })} />
      )}
      {(effect.do === 'save' || effect.do === 'load') && (
        <Expression
          owner={owner}
          label="Slot"
          value={effect.slot}
          onChange={(slot) => put({ ...effect, slot })}
        />
      )}
      {takes.map((each) => (
        <Expression
          key={each.id}
          owner={owner}
          label={each.name}
          value={given?.[each.id] ?? ''}
          onChange={(text) => give(each.id, text)}
        />
      ))}
    </>
  );
}

/** One expression beside its name; it opens when it is pressed. */
function Expression({
  owner,
  label,
  value,
  onChange,
}: {
  owner: Owner;
  label: string;
  value: string;
  onChange: (text: string) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const screen = 'screen' in owner ? screenById(project, owner.screen) : undefined;
  return (
    <span className="flex items-center gap-1 text-soft">
      {label}
      <Sheet
        label={label}
        open={open}
        onOpen={setOpen}
        trigger={
          <button type="button" className="blank max-w-32 truncate">
            {value === '' ? '…' : value}
          </button>
        }
      >
        <div className="p-3">
          <ExpressionField
            label={label}
            value={value}
            scope={scopeOfScreen(project, screen)}
            onMake={makeValue}
            onChange={(text) => {
              onChange(text);
              setOpen(false);
            }}
          />
        </div>
      </Sheet>
    </span>
  );
}

/** A set-up that is called, with what it is told here. */
function Call({ owner, step }: { owner: Owner; step: Step & { step: 'routine' } }) {
  const project = useStudio((studio) => studio.project);
  const routine = project.routines?.find((each) => each.id === step.routine);
  const give = (id: Id, value: string, key?: string): void =>
    changeStep(owner, step.id, { args: { ...step.args, [id]: value } } as Partial<Step>, key);
  const told = routine?.parameters ?? [];
  const speakers = project.speakers ?? [];
  const speaker = routine?.parameters.find(({ type }) => type === 'speaker');
  const said = speaker && String(step.args?.[speaker.id] ?? speaker.default ?? '');
  const pictures = project.assets.filter((each) => each.media.startsWith('image/'));
  const choices = (
    type: Routine['parameters'][number]['type'],
    usual: string | undefined,
  ): [string, string][] => {
    const none: [string, string] = ['', usual === undefined ? '…' : 'as usual'];
    if (type === 'speaker') return [none, ...speakers.map(({ id, name }): [string, string] => [id, name])];
    if (type === 'picture') return [none, ...pictures.map(({ id, name }): [string, string] => [id, name])];
    const faces = speakers.find((each) => each.id === said)?.faces ?? speakers.flatMap((each) => each.faces);
    return [none, ...faces.map(({ name }): [string, string] => [name, name])];
  };
  return (
    <>
      <Select
        label="Which set-up"
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

function ShowPicture({
  owner,
  picture,
  onChange,
}: {
  owner: Owner;
  picture: Id | undefined;
  onChange: (picture: Id | undefined) => void;
}) {
  const assets = useStudio((studio) => studio.project.assets).filter((each) =>
    each.media.startsWith('image/'),
  );
  const given = 'parameters' in owner ? owner.parameters.filter(({ type }) => type === 'picture') : [];
  return (
    <Select
      label="With which picture"
      value={picture ?? ''}
      options={[
        ['', 'with its own picture'],
        ...given.map(({ id, name }): [Id, string] => [id, `{${name}}`]),
        ...assets.map(({ id, name }): [Id, string] => [id, name]),
      ]}
      className={SELECT}
      onChange={(id: Id) => onChange(id === '' ? undefined : id)}
    />
  );
}

/** Changes an option of a choice, as one edit of that choice. */
export function putOption(
  owner: Owner,
  choice: Step & { step: 'choice' },
  option: Id,
  change: Partial<(Step & { step: 'choice' })['options'][number]>,
  key?: string,
): void {
  const options = choice.options.map((each) =>
    each.id === option ? (JSON.parse(JSON.stringify({ ...each, ...change })) as typeof each) : each,
  );
  edit(
    'change step',
    { owner: owner.id, step: choice.id, change: { options } as Partial<Step> },
    key === undefined ? {} : { key },
  );
}
