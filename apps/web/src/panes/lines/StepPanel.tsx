'use client';

import {
  BUBBLES,
  screenById,
  SIDES,
  type Conversation,
  type Id,
  type Routine,
  type Said,
  type Side,
  type Step,
  withId,
} from '@tavu/core/model';
import { DurationField } from '../../motion';
import { useStudio } from '../../store';
import { Field, SelectRow, ThingRow } from '../../ui';
import { stepWords } from './kinds';
import { changeStep } from './put';

/** The chosen step, with all that can be said of it. */
export function StepPanel({ owner, step }: { owner: Conversation | Routine; step: Step }) {
  const put = (change: Partial<Step> | Partial<Said>): void => changeStep(owner, step.id, change);
  return (
    <section aria-label="Step" className="space-y-2">
      <h3 className="font-bold">
        {stepWords(step)} <span className="font-normal text-soft">of {owner.name}</span>
      </h3>
      {'text' in step && <SaidSettings owner={owner} step={step} put={put} />}
      {step.step === 'line' && (
        <>
          <DurationField
            label="Time per letter"
            optional
            value={step.letter}
            onChange={(letter) => put({ letter } as Partial<Step>)}
          />
          <SelectRow<'' | 'itself' | 'confirmed'>
            label="Advances"
            value={step.goes ?? ''}
            options={[
              ['', 'as all lines do'],
              ['itself', 'after its reading time'],
              ['confirmed', 'when it is confirmed'],
            ]}
            onChange={(goes) => put({ goes: goes === '' ? undefined : goes } as Partial<Step>)}
          />
        </>
      )}
      {step.step === 'choice' && (
        <>
          <DurationField
            label="Time to choose"
            unit="s"
            optional
            value={step.limit}
            onChange={(limit) => put({ limit } as Partial<Step>)}
          />
          {step.limit !== undefined && (
            <ThingRow
              label="When time runs out"
              value={step.otherwise}
              none="the first"
              things={step.options.map(({ id, text }) => ({ id, name: text === '' ? 'an answer' : text }))}
              onChange={(otherwise) => put({ otherwise } as Partial<Step>)}
            />
          )}
        </>
      )}
      <Field
        label="Note (players never see it)"
        value={step.note ?? ''}
        read={(text) => ({ ok: text })}
        onChange={(note) => put({ note: note === '' ? undefined : note })}
      />
      {'text' in step && (
        <p className="text-sm text-soft">
          <b>Alt S</b> side, <b>Alt E</b> face, <b>Alt B</b> bubble, <b>Alt W</b> who; a name and a colon at
          the beginning says who as well. <b>Ctrl Enter</b> plays from here.
        </p>
      )}
    </section>
  );
}

function SaidSettings({
  owner,
  step,
  put,
}: {
  owner: Conversation | Routine;
  step: Step & Said;
  put: (change: Partial<Said>) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const speaker = withId(project.speakers, step.speaker);
  const screen = 'screen' in owner ? screenById(project, owner.screen) : undefined;
  const given = (type: string) =>
    'parameters' in owner ? owner.parameters.filter((parameter) => parameter.type === type) : [];
  return (
    <>
      <ThingRow
        label="Who says it"
        value={step.speaker}
        none="nobody"
        things={[
          ...(project.speakers ?? []),
          ...given('speaker').map(({ id, name }) => ({ id, name: `{${name}}` })),
        ]}
        onChange={(id: Id | undefined) => put({ speaker: id ?? null, face: undefined })}
      />
      <SelectRow<string>
        label="Face"
        value={step.face ?? ''}
        options={[
          ['', 'the usual one'],
          ...(speaker?.faces ?? []).map(({ name }): [string, string] => [name, name]),
          ...given('face').map(({ id, name }): [string, string] => [id, `{${name}}`]),
        ]}
        onChange={(face) => put({ face: face === '' ? undefined : face })}
      />
      <SelectRow<Side | ''>
        label="Side"
        value={step.side ?? ''}
        options={[
          ['', `the speaker’s${speaker ? `, ${speaker.side ?? 'left'}` : ''}`],
          ...SIDES.map((value): [Side, string] => [value, value]),
        ]}
        onChange={(side) => put({ side: side === '' ? undefined : side })}
      />
      <SelectRow<string>
        label="Bubble"
        value={step.bubble ?? ''}
        options={[['', 'the speaker’s'], ...BUBBLES.map((value): [string, string] => [value, value])]}
        onChange={(bubble) => put({ bubble: bubble === '' ? undefined : (bubble as Said['bubble']) })}
      />
      {screen && screen.elements.every((element) => element.type !== 'bubble') && (
        <p className="text-sm text-soft">
          {screen.name} has no speech bubble, so every line looks alike there.
        </p>
      )}
    </>
  );
}
