'use client';

import { Findings, Field, Select } from '../../ui';
import type { Finding } from '@tavu/core/check';
import type { Flow } from '@tavu/core/compile';
import { everyStep, screenById, type Id, type Step } from '@tavu/core/model';
import type { ReactNode } from 'react';
import { Switched } from '../../styles';
import { useSoundAssets } from '../../assets';
import { useStudio } from '../../store';
import { Call } from './CallRow';
import type { Owner } from './chosen';
import { If } from './Conditions';
import { EffectStep } from './EffectStep';
import { SELECT, ShowPicture, Time } from './fields';
import { STEP_ICONS, STEP_WORDS } from './kinds';
import { Bubble, Times } from './LineRow';
import { changeStep } from './put';

/** A step that says nothing: what it does, on one line. */
export function OtherRow({
  owner,
  flow,
  step,
  stepKey,
  findings,
}: {
  owner: Owner;
  flow: Flow;
  step: Step;
  stepKey: string;
  findings: readonly Finding[];
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
            <Times owner={owner} flow={flow} stepKey={stepKey} />
            <Findings of={findings} small />
          </p>
        </div>
        <Bubble owner={owner} flow={flow} stepKey={stepKey} />
      </div>
    );
  return (
    <div className="flex min-h-8 flex-wrap items-center gap-x-2 gap-y-0.5 py-0.5">
      <span aria-hidden="true" className="text-soft">
        {STEP_ICONS[step.step]}
      </span>
      <StepFields owner={owner} step={step} />
      {step.note && <span className="w-full pl-5 text-sm text-soft italic">{step.note}</span>}
      <Findings of={findings} small />
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
    project.screens.filter((other) => other.kind === 'dialogue').flatMap((item) => item.elements);
  const names = (own: string): [string, string][] =>
    [...new Set([own, ...elements.map((element) => element.name)])].map((value) => [value, value]);
  const labels = everyStep(owner.steps).flatMap((item): [Id, string][] =>
    item.step === 'label' ? [[item.id, item.name]] : [],
  );
  switch (step.step) {
    case 'pause':
      return (
        <>
          <Name step={step} />
          <Time label="How long" value={step.for} onChange={(time) => put({ for: time })} />
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
      const moving = elements.find((element) => element.name === step.element);
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
          <Switched
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
              .filter((event) => event.direction === 'in')
              .map(({ id, name }): [Id, string] => [id, name])}
            className={SELECT}
            onChange={(event: Id) => put({ event })}
          />
          <span className="text-soft">for at most</span>
          <Time label="Timeout" value={step.limit} onChange={(limit) => put({ limit })} />
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
