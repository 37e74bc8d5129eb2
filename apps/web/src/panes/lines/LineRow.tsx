'use client';

import { Findings, Picture } from '../../ui';
import { readingSpeed, type Finding } from '@tavu/core/check';
import type { Flow } from '@tavu/core/compile';
import { paintLine } from '@tavu/core/paint';
import { type Id, type Said, type Speaker, type Step, withId } from '@tavu/core/model';
import { firstState, lay, pageTimes } from '@tavu/core/run';
import { linesUnder } from '@tavu/core/compile';

import { useMemo, useRef, type KeyboardEvent } from 'react';
import { MarkedArea } from '../../fields';
import { edit, endStep, useStudio, useUnits } from '../../store';
import { timeIn } from '@tavu/core/model';
import { chooseStep, useLines, type Owner } from './chosen';
import { addLine, changeStep, pasteSteps, removeSteps } from './put';
import { speakerTyped, turned } from './typing';
import { useWanted } from './wanted';

/** One line as it is written: who says it, the words, how long they take, and how they will look. */
export function LineRow({
  owner,
  flow,
  step,
  stepKey,
  findings,
  onStepAway,
  onSlash,
}: {
  owner: Owner;
  flow: Flow;
  step: Step & Said;
  stepKey: string;
  findings: readonly Finding[];
  onStepAway: (by: -1 | 1) => void;
  onSlash: () => void;
}) {
  const speakers = useStudio((studio) => studio.project.speakers) ?? NO_SPEAKERS;
  const speaker = withId(speakers, step.speaker);
  const chosen = useLines((lines) => lines.step === step.id);
  return (
    <div className="grid grid-cols-[92px_minmax(0,1fr)_auto] gap-2">
      <div className="min-w-0 pt-1">
        <Who owner={owner} step={step} speakers={speakers} />
        <How step={step} speaker={speaker} />
      </div>
      <div className="min-w-0">
        <Words owner={owner} step={step} speakers={speakers} onStepAway={onStepAway} onSlash={onSlash} />
        <p className="flex flex-wrap gap-x-2 pl-1.5 text-xs leading-5 text-soft">
          <Times owner={owner} flow={flow} stepKey={stepKey} />
          <Findings of={findings} small />
        </p>
        {(step.note || chosen) && <Note owner={owner} step={step} />}
      </div>
      <Bubble owner={owner} flow={flow} stepKey={stepKey} />
    </div>
  );
}

const NO_SPEAKERS: readonly Speaker[] = [];

function Who({ owner, step, speakers }: { owner: Owner; step: Step & Said; speakers: readonly Speaker[] }) {
  const given = 'parameters' in owner ? owner.parameters.filter(({ type }) => type === 'speaker') : [];
  return (
    <select
      aria-label="Who says it"
      value={step.speaker ?? ''}
      tabIndex={-1}
      className="h-6 w-full cursor-pointer truncate rounded bg-sheet font-bold hover:bg-chosen-wash"
      onFocus={() => chooseStep(step.id)}
      onChange={(event) =>
        changeStep(owner, step.id, {
          speaker: event.target.value === '' ? null : event.target.value,
          face: undefined,
          side: undefined,
          bubble: undefined,
        })
      }
    >
      <option value="">nobody</option>
      {speakers.map((speaker) => (
        <option key={speaker.id} value={speaker.id}>
          {speaker.name}
        </option>
      ))}
      {given.map((parameter) => (
        <option key={parameter.id} value={parameter.id}>
          {`{${parameter.name}}`}
        </option>
      ))}
    </select>
  );
}

/** What a line has otherwise than its speaker usually has. */
function How({ step, speaker }: { step: Step & Said; speaker: Speaker | undefined }) {
  const words = [step.side ?? speaker?.side, step.face, step.bubble ?? speaker?.bubble].filter(Boolean);
  return <p className="truncate px-1 text-xs text-soft">{words.join(' · ')}</p>;
}

function Words({
  owner,
  step,
  speakers,
  onStepAway,
  onSlash,
}: {
  owner: Owner;
  step: Step & Said;
  speakers: readonly Speaker[];
  onStepAway: (by: -1 | 1) => void;
  onSlash: () => void;
}) {
  const area = useRef<HTMLTextAreaElement>(null);
  useWanted(step.id, area);
  const type = (text: string): void => {
    const typed = speakerTyped(text, speakers);
    const change = typed
      ? { speaker: typed.speaker.id, face: undefined, side: undefined, bubble: undefined, text: typed.rest }
      : { text };
    changeStep(owner, step.id, change, `type ${step.id}`);
  };
  const keys = (event: KeyboardEvent<HTMLTextAreaElement>): void => {
    const { selectionStart, selectionEnd, value } = event.currentTarget;
    const still = selectionStart === selectionEnd;
    const turn = event.altKey && !event.ctrlKey ? TURNS[event.code] : undefined;
    if (turn) changeStep(owner, step.id, turned(turn, step, speakers));
    else if (event.nativeEvent.isComposing) return;
    else if (event.key === 'Enter' && !event.shiftKey && !event.ctrlKey && !event.altKey)
      addLine(owner, step.id, step.speaker);
    else if (event.key === 'Backspace' && value === '' && still) removeSteps(owner, [step.id]);
    else if (event.key === '/' && value === '') onSlash();
    else if (
      event.key === 'ArrowUp' &&
      plain(event) &&
      still &&
      !value.slice(0, selectionStart).includes('\n')
    )
      onStepAway(-1);
    else if (event.key === 'ArrowDown' && plain(event) && still && !value.slice(selectionEnd).includes('\n'))
      onStepAway(1);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <MarkedArea
      area={area}
      paced
      aria-label={step.step === 'choice' ? 'What is asked' : 'What is said'}
      value={step.text}
      rows={step.text.split('\n').length}
      maxLength={20_000}
      placeholder={
        step.step === 'choice' ? 'A question, or nothing' : 'Words, a name and a colon, or / for another step'
      }
      className="block field-sizing-content min-h-7 w-full resize-none rounded border border-transparent bg-sheet px-1.5 py-1 leading-5 hover:border-line focus:border-chosen"
      onFocus={() => chooseStep(step.id)}
      onBlur={endStep}
      onWords={type}
      onKeyDown={keys}
      onPaste={(event) => {
        const text = event.clipboardData.getData('text/plain');
        if (!/\S\s*\n\s*\S/.test(text)) return;
        event.preventDefault();
        pasteSteps(owner, step.id, text, step.text === '' ? step.id : undefined);
      }}
    />
  );
}

const plain = (event: KeyboardEvent): boolean => !event.shiftKey && !event.ctrlKey && !event.altKey;

/** Alt and a letter. */
const TURNS: Record<string, 'side' | 'face' | 'bubble' | 'speaker'> = {
  KeyS: 'side',
  KeyE: 'face',
  KeyB: 'bubble',
  KeyW: 'speaker',
};

/** Notes for writers. */
function Note({ owner, step }: { owner: Owner; step: Step }) {
  return (
    <input
      aria-label="A note on it"
      value={step.note ?? ''}
      placeholder="a note; players never see it"
      maxLength={2000}
      tabIndex={-1}
      className="h-6 w-full rounded border border-transparent bg-transparent px-1.5 text-sm text-soft italic placeholder:opacity-80 hover:border-line focus:border-chosen"
      onBlur={endStep}
      onChange={(event) =>
        edit(
          'change step',
          { owner: owner.id, step: step.id, change: { note: event.target.value || undefined } },
          { key: `note ${step.id}` },
        )
      }
    />
  );
}

/** How long a line is typed and read, and how fast that is. */
export function Times({ owner, flow, stepKey }: { owner: Owner; flow: Flow; stepKey: string }) {
  const unit = useUnits((units) => units.unit);
  const timed = useMemo(() => timesOf(flow, owner, stepKey), [flow, owner, stepKey]);
  if (!timed) return null;
  const { rates } = flow.project;
  const words = (micros: number): string => timeIn(Math.round(micros / 10_000) * 10_000, unit, rates);
  return (
    <span className="font-mono">
      <span title="Typed in">{words(timed.typing)}</span>
      {' + '}
      <span title="Read in">{words(timed.reading)}</span>
      {' · '}
      <span title={`Letters a second; ${flow.talk.limit} can be read`}>{Math.round(timed.speed)}/s</span>
    </span>
  );
}

function timesOf(
  flow: Flow,
  owner: Owner,
  key: string,
): { typing: number; reading: number; speed: number } | null {
  if (!('screen' in owner) || owner.screen === null) return null;
  const screen = flow.screens.get(owner.screen);
  const talk = flow.talks.get(owner.id);
  if (!screen || !talk) return null;
  const state = firstState(flow);
  const thing = { screen: screen.id, args: {}, talk: null, layer: screen.layer, timers: {} };
  let [typing, reading, speed] = [0, 0, 0];
  for (const op of linesUnder(talk, key)) {
    if (op.op !== 'line') continue;
    const laid = lay(flow, state, thing, op);
    if (laid.typed.letters.length === 0) continue;
    laid.pages.forEach((_, page) => {
      const times = pageTimes(flow, state, laid, page);
      typing += times.typing;
      reading += times.reading;
    });
    speed = Math.max(speed, readingSpeed(flow, state, laid));
  }
  return typing === 0 ? null : { typing, reading, speed };
}

/** The line as it will look: the part of its screen where the conversation is. */
export function Bubble({ owner, flow, stepKey }: { owner: Owner; flow: Flow; stepKey: Id }) {
  const sources = useStudio((studio) => studio.sources);
  const seen = useMemo(() => {
    const screen = 'screen' in owner && owner.screen !== null ? flow.screens.get(owner.screen) : undefined;
    const talk = flow.talks.get(owner.id);
    const line = talk && linesUnder(talk, stepKey)[0]?.key;
    const items = screen && line !== undefined && paintLine(flow, screen, owner.id, line);
    if (!screen || !items) return null;
    const { says, bubble, name, left, right, middle } = screen.talkParts;
    const rects = [says, bubble, name, left, right, middle].flatMap((id) => {
      const rect = id === null ? undefined : screen.layout.get(id);
      return rect ? [rect] : [];
    });
    if (rects.length === 0) return null;
    const pad = 24;
    const x = Math.min(...rects.map((rect) => rect.x)) - pad;
    const y = Math.min(...rects.map((rect) => rect.y)) - pad;
    const width = Math.max(...rects.map((rect) => rect.x + rect.width)) + pad - x;
    const height = Math.max(...rects.map((rect) => rect.y + rect.height)) + pad - y;
    return { items, box: `${x} ${y} ${width} ${height}`, ratio: width / height };
  }, [flow, owner, stepKey]);
  if (!seen) return <span className="w-24" />;
  return (
    <span
      className="block w-24 overflow-hidden self-start rounded border border-line bg-[#0b1c2c]"
      style={{ aspectRatio: String(Math.min(4, Math.max(1, seen.ratio))) }}
    >
      <Picture items={seen.items} sources={sources} box={seen.box} className="block size-full" />
    </span>
  );
}
