'use client';

import {
  BUBBLES,
  screenById,
  SIDES,
  type Conversation,
  type Id,
  type OtherWords,
  type Routine,
  type Said,
  type Side,
  type Step,
  withId,
} from '@tavu/core/model';
import { DurationField } from '../../motion';
import { useStudio } from '../../store';
import { Trash2 } from 'lucide-react';
import { Check, Field, IconButton, SelectRow, Small, ThingRow } from '../../ui';
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
          <OtherLines others={step.others} onChange={(others) => put({ others } as Partial<Step>)} />
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

/** What a line says instead when it is come to again, one wording to a row. */
function OtherLines({
  others,
  onChange,
}: {
  others: OtherWords | undefined;
  onChange: (others: OtherWords | undefined) => void;
}) {
  const texts = others?.texts ?? [];
  const put = (next: string[]): void => onChange(next.length === 0 ? undefined : { ...others, texts: next });
  return (
    <section aria-label="Other words" className="space-y-1">
      {texts.map((text, i) => (
        <div key={i} className="flex items-end gap-1">
          <div className="min-w-0 flex-1">
            <Field
              label={`Next time ${i + 1}`}
              value={text}
              read={(words) => ({ ok: words })}
              onChange={(words) => put(texts.map((other, n) => (n === i ? words : other)))}
            />
          </div>
          <IconButton
            name={`Take out: next time ${i + 1}`}
            onClick={() => put(texts.filter((_, n) => n !== i))}
          >
            <Trash2 size={13} />
          </IconButton>
        </div>
      ))}
      <Small onClick={() => put([...texts, ''])}>Say something else next time</Small>
      {texts.length > 1 && (
        <Check
          on={others?.shuffled ?? false}
          onChange={(on) => onChange(on ? { texts, shuffled: true } : { texts })}
        >
          Shuffled: in another order each round
        </Check>
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
