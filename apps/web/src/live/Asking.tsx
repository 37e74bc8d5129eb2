'use client';

import { padOf, codeName } from '@tavu/core/keys';
import {
  LONGEST_NAME,
  screenById,
  titleCase,
  type Trigger,
  type Effect,
  type Id,
  type Link,
  withId,
} from '@tavu/core/model';
import { allUp } from '@tavu/core/run';
import { reasonWords, sentenceText, timeToRead } from '@tavu/core/words';
import dynamic from 'next/dynamic';
import { useEffect, useId, useState } from 'react';
import { edit, useStudio } from '../store';
import { Nothing, Button, Choices } from '../ui';
import { kindFor } from '../fields';
import { giveAgain, letGo, livePlayer, runLog, useRun, type Asked } from '../run';
import { Unmade } from './Unmade';

const EffectPicker = dynamic(() => import('../effects').then((module) => module.EffectPicker), {
  loading: Nothing,
});

type Answer = 'go' | 'open' | 'message' | 'do' | 'back' | 'end' | 'game';
const WAYS: readonly { value: Answer; text: string }[] = [
  { value: 'go', text: 'go to' },
  { value: 'open', text: 'open over this' },
  { value: 'message', text: 'show' },
  { value: 'back', text: 'go back' },
  { value: 'end', text: 'the end' },
];
/** Last, since its list needs the arrow keys, which otherwise choose the kind of answer. */
const DO: (typeof WAYS)[number] = { value: 'do', text: 'do something' };
/** What leads somewhere is given a name, or words. */
const isNamed = (answer: Answer): answer is 'go' | 'open' | 'message' =>
  answer === 'go' || answer === 'open' || answer === 'message';

/** Only a key can be left to the game. */
const TO_GAME: (typeof WAYS)[number] = { value: 'game', text: 'leave it to the game' };
/** What these do, where nothing needs to be typed. */
const SAID = {
  back: 'It goes back to what was before.',
  end: 'It tells the game that the flow is over.',
  game: 'The game uses this key by itself, and is not asked about it again.',
};

/** The run has stopped at a dead end: the sentence is finished on the spot, and play goes on. */
export function Asking() {
  const asking = useRun((run) => run.asking);
  const place = useSpot(asking);
  if (!asking) return null;
  return (
    <div className="absolute z-30 w-88 max-w-full" style={place}>
      {asking.kind === 'gap' ? (
        <Unmade key={asking.screen} gap={asking.screen} />
      ) : (
        <AskingSheet key={JSON.stringify(asking)} what={asking} />
      )}
    </div>
  );
}

/** Under the control that was pressed, kept inside the frame; else in the middle. */
function useSpot(what: Asked | null): { left: string; top: string; transform: string } {
  const middle = { left: '50%', top: '50%', transform: 'translate(-50%, -50%)' };
  const player = livePlayer();
  if (what?.kind !== 'press' || !player) return middle;
  const instance = allUp(player.state).find((other) => other.serial === what.spot.serial);
  const rect = instance && player.flow.screens.get(instance.screen)?.layout.get(what.spot.element ?? '');
  if (!rect) return middle;
  const { width, height } = player.flow.project.design;
  const low = rect.y + rect.height > height * 0.5;
  const left = Math.min(0.6, Math.max(0, rect.x / width));
  return {
    left: `${left * 100}%`,
    top: `${((low ? rect.y - 12 : rect.y + rect.height + 12) / height) * 100}%`,
    transform: low ? 'translateY(-100%)' : 'none',
  };
}

function AskingSheet({ what }: { what: Asked }) {
  const project = useStudio((studio) => studio.project);
  const [way, setWay] = useState<Answer>('go');
  const [text, setText] = useState('');
  const [error, setError] = useState<string | null>(null);
  const input = useId();
  const ways = [...WAYS, ...(what.kind === 'input' ? [TO_GAME] : []), DO];
  useEffect(() => {
    document.getElementById(input)?.focus();
  }, [input, way]);
  const source = sourceOf(what);
  const layer = way === 'go' ? 'base' : 'overlay';
  const known = project.screens.filter((screen) =>
    way === 'message' ? screen.layer === 'notice' : screen.layer === layer,
  );
  const wanted = text.trim().toLowerCase();
  const near = known
    .filter((screen) => screen.id !== source && wanted !== '' && screen.name.toLowerCase().includes(wanted))
    .slice(0, 4);

  const finish = (name: string): void => {
    const typed = name.trim();
    if (typed === '') return setError('Type a name, or press Escape to leave it.');
    if (way !== 'message' && typed.length > LONGEST_NAME)
      return setError(`A name can have ${LONGEST_NAME} characters.`);
    const trigger = triggerIn(what);
    if (!trigger || !source || !isNamed(way)) return letGo();
    const screen = known.find((other) => other.name.toLowerCase() === typed.toLowerCase());
    const link: Omit<Link, 'id'> = {
      from: source,
      trigger,
      kind: way === 'message' ? 'stay' : way,
      effects: [],
    };
    if (way === 'message') {
      if (screen) edit('add link', { ...link, effects: [{ do: 'notice', screen: screen.id }] });
      else makeMessage(link, typed);
    } else if (screen) edit('add link', { ...link, to: { screen: screen.id } });
    else edit('link to new screen', { link, name: typed, kind: kindFor(typed, layer), layer });
    goOn();
  };
  const goOn = (): void => {
    giveAgain(what);
    livePlayer()?.host.focus({ preventScroll: true });
  };
  const finishWith = (kind: 'back' | 'end' | 'stay', effects: Effect[] = [], key?: string): void => {
    const trigger = triggerIn(what);
    if (!trigger || !source) return letGo();
    edit('add link', { from: source, trigger, kind, effects }, key === undefined ? {} : { key });
    goOn();
  };
  const leaveToGame = (): void => {
    if (what.kind !== 'input') return;
    for (const action of what.actions) edit('change action', { action, change: { forGame: true } });
    if (what.actions.length === 0) actionFor(what.code, true);
    letGo();
    livePlayer()?.host.focus({ preventScroll: true });
  };
  const submit = (): void => {
    if (way === 'game') leaveToGame();
    else if (way === 'back' || way === 'end') finishWith(way);
    else if (way !== 'do') finish(text);
  };

  return (
    <form
      aria-label="Where should this lead?"
      className="rounded-lg border-2 border-chosen bg-sheet p-3 text-ink shadow-xl"
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
      onKeyDown={(event) => {
        event.stopPropagation();
        // The list of effects needs the arrow keys itself.
        const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
        if (by !== 0 && way !== 'do' && !(event.target as Element).matches('[role="radio"]')) {
          event.preventDefault();
          const at = ways.findIndex((item) => item.value === way);
          setWay(ways[(at + by + ways.length) % ways.length]!.value);
        }
        if (event.key !== 'Escape') return;
        letGo();
        livePlayer()?.host.focus({ preventScroll: true });
      }}
    >
      <label htmlFor={input} className="mb-2 block">
        {triggerWords(what, project)}
      </label>
      <Choices wraps label="What it does" value={way} options={ways} onChange={setWay} />
      {isNamed(way) && (
        <input
          id={input}
          value={text}
          autoComplete="off"
          maxLength={way === 'message' ? 400 : 200}
          placeholder={way === 'message' ? 'What the message says' : 'A screen, or a new name'}
          className="mt-2 h-8 w-full rounded border-2 border-chosen bg-sheet px-2"
          onChange={(event) => {
            setText(event.target.value);
            setError(null);
          }}
        />
      )}
      {way === 'do' && (
        <div className="mt-2 rounded border border-line [&_[cmdk-list]]:max-h-32">
          <EffectPicker put={(effect, key) => finishWith('stay', [effect], key)} />
        </div>
      )}
      {(way === 'back' || way === 'end' || way === 'game') && (
        <div className="mt-2 flex items-center justify-between gap-2">
          <span className="text-sm text-soft">{SAID[way]}</span>
          <Button id={input} type="submit" look="main">
            Go on
          </Button>
        </div>
      )}
      <NearlyTaken />
      {error && (
        <p role="alert" className="mt-1 text-sm text-warn">
          {error}
        </p>
      )}
      {near.length > 0 && (
        <div className="mt-1.5 flex flex-wrap gap-1">
          {near.map((screen) => (
            <Button key={screen.id} onClick={() => finish(screen.name)}>
              {screen.name}
            </Button>
          ))}
        </div>
      )}
      <p className="mt-2 text-sm text-soft">
        {way === 'message' && wanted
          ? `Shows for ${timeToRead(project, text) / 1000} s, its reading time. `
          : ''}
        Enter makes it and goes on, ↑ and ↓ choose what it does, Escape leaves it.
      </p>
    </form>
  );
}

/** Links that were asked and did not fit, and why: perhaps one of them was meant. */
function NearlyTaken() {
  const project = useStudio((studio) => studio.project);
  useRun((run) => run.logged);
  const last = runLog.entries.at(-1)?.outcome;
  const passed = last?.did === 'nowhere' ? (last.passed ?? []) : [];
  return passed.slice(0, 3).map((item) => {
    const link = withId(project.links, item.link);
    return (
      <p key={item.link} className="mt-1.5 border-l-2 border-warn pl-2 text-sm">
        {link && sentenceText(project, link)}
        <span className="block text-warn">{reasonWords(project, item)}</span>
      </p>
    );
  });
}

function makeMessage(link: Omit<Link, 'id'>, text: string): void {
  const screen = edit('link to new notice', { link, name: text.slice(0, 40), text });
  if (screen)
    edit('change screen', {
      screen,
      change: { lasts: `${timeToRead(useStudio.getState().project, text)} ms` },
    });
}

/** Where the new link belongs: the one pressed on, the one that waits for an answer, else the topmost. */
function sourceOf(what: Asked): Id | null {
  const state = livePlayer()?.state;
  if (!state) return null;
  if (what.kind === 'returned') return what.to;
  if (what.kind === 'done' || what.kind === 'failed' || what.kind === 'gap') return what.screen;
  const pressed =
    what.kind === 'press' ? allUp(state).find((instance) => instance.serial === what.spot.serial) : undefined;
  return (pressed ?? state.overlays.at(-1) ?? state.base).screen;
}

function triggerWords(what: Asked, project: ReturnType<typeof useStudio.getState>['project']) {
  if (what.kind === 'event') {
    const name = withId(project.events, what.event)?.name;
    return (
      <>
        When the game says <b>{name}</b>,
      </>
    );
  }
  if (what.kind === 'input')
    return (
      <>
        When <b>{titleCase(codeName(what.code))}</b> goes down,
      </>
    );
  if (what.kind === 'failed')
    return (
      <>
        When what <b>{screenById(project, what.screen)?.name}</b> loads has failed,
      </>
    );
  if (what.kind === 'done' || what.kind === 'gap')
    return (
      <>
        When what is on <b>{screenById(project, what.screen)?.name}</b> has finished,
      </>
    );
  if (what.kind === 'returned') {
    const asked = screenById(project, what.screen);
    return (
      <>
        When <b>{asked?.name}</b> answers <b>{withId(asked?.outcomes, what.outcome)?.name}</b>,
      </>
    );
  }
  const element = screenById(project, sourceOf(what))?.elements.find(
    (other) => other.id === what.spot.element,
  );
  return (
    <>
      When <b>{element?.name ?? 'this'}</b> is pressed,
    </>
  );
}

/** An action for a key or pad button that has none, by its name. */
function actionFor(code: string, forGame?: true): Id | undefined {
  const pad = padOf(code);
  return edit('add action', {
    name: codeName(code).toLowerCase(),
    keys: pad === null ? [code] : [],
    pad: pad === null ? [] : [pad],
    ...(forGame ? { forGame } : {}),
  });
}

/** The trigger of the new link. A key that no action has gets an action of its own, by the key's name. */
function triggerIn(what: Asked): Trigger | null {
  if (what.kind === 'event') return { on: 'event', event: what.event };
  if (what.kind === 'press') return what.spot.element ? { on: 'press', element: what.spot.element } : null;
  if (what.kind === 'done' || what.kind === 'failed') return { on: what.kind };
  if (what.kind === 'returned') return { on: 'returned', screen: what.screen, outcome: what.outcome };
  if (what.kind === 'gap') return null;
  const known = what.actions.find((action) => action !== 'confirm') ?? what.actions[0];
  if (known) return { on: 'action', action: known, when: 'down' };
  const action = actionFor(what.code);
  return action ? { on: 'action', action, when: 'down' } : null;
}
