'use client';

import { moveAxis, type Rect } from '@tavu/core/layout';
import { elementById, screenById, type Element, type Id, type Screen } from '@tavu/core/model';
import { contains } from '@tavu/core/paint';
import { useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { choose, edit, endStep, useStudio } from '../studio/store';
import { letGo, livePlayer, useRun } from './run';

/** Over the held picture: choosing, moving and typing over what is on the screens that are up. */
export function Editing() {
  const project = useStudio((studio) => studio.project);
  const flow = useStudio((studio) => studio.flow);
  const chosen = useStudio((studio) => studio.chosen);
  const up = useRun((run) => run.up);
  const box = useRef<HTMLDivElement>(null);
  const [typing, setTyping] = useState(false);
  const { width, height } = project.design;
  const screen = screenById(project, up.includes(chosen.screen ?? '') ? chosen.screen : up.at(-1));
  const layout = screen && flow.screens.get(screen.id)?.layout;
  const element = elementById(screen, chosen.element);
  const rect = element && layout?.get(element.id);
  useEffect(() => setTyping(false), [chosen.element]);
  // Whoever had the game in hand has it to edit now, and gets it back when it goes on.
  useLayoutEffect(() => {
    const layer = box.current!;
    const game = livePlayer()?.host;
    if (document.activeElement === game) layer.focus({ preventScroll: true });
    return () => {
      if (layer.contains(document.activeElement)) game?.focus({ preventScroll: true });
    };
  }, []);

  const pointOf = (event: { clientX: number; clientY: number }): { x: number; y: number } => {
    const frame = box.current!.getBoundingClientRect();
    return {
      x: ((event.clientX - frame.left) / frame.width) * width,
      y: ((event.clientY - frame.top) / frame.height) * height,
    };
  };

  const press = (event: PointerEvent): void => {
    if (event.button !== 0 || typing) return;
    const at = pointOf(event);
    const hit = elementAt(up, at);
    if (!hit) return choose({ screen: up.at(-1)! });
    choose({ screen: hit.screen, element: hit.element });
    startDrag(event, hit, pointOf);
  };

  const keys = (event: KeyboardEvent): void => {
    if (typing || !screen) return;
    const step = STEPS[event.key];
    if (step && element) {
      event.preventDefault();
      const by = event.shiftKey ? 10 : 1;
      move(screen, element, step.x * by, step.y * by, `nudge ${element.id}`);
    } else if (event.key === 'Enter' && element && 'text' in element) {
      event.preventDefault();
      setTyping(true);
    } else if (event.key === 'Delete' && element) {
      edit('delete elements', { screen: screen.id, elements: [element.id] });
    } else if (event.key === '[' || event.key === ']') {
      // Through the elements in drawing order, for the keyboard alone.
      event.preventDefault();
      const all = screen.elements;
      const now = all.findIndex((each) => each.id === element?.id);
      const next = all[(now + (event.key === ']' ? 1 : -1) + all.length) % all.length];
      if (next) choose({ screen: screen.id, element: next.id });
    } else if (event.key === 'Escape') {
      event.preventDefault();
      if (element) choose({ element: null });
      else letGo();
    }
  };

  return (
    <div
      ref={box}
      tabIndex={0}
      role="application"
      aria-label={`Editing ${screen?.name ?? ''}. Brackets choose an element, arrows move it, Enter types over it.`}
      className="absolute inset-0 z-10 cursor-default touch-none"
      onPointerDown={press}
      onDoubleClick={() => element && 'text' in element && setTyping(true)}
      onKeyDown={keys}
    >
      {rect && screen && element && (
        <div
          className="pointer-events-none absolute outline-2 outline-offset-1 outline-live"
          style={inPercent(rect, width, height)}
        >
          <span className="absolute -top-5 left-0 rounded bg-live px-1 text-xs whitespace-nowrap text-sheet">
            {element.name} · {Math.round(rect.x)}, {Math.round(rect.y)} · {Math.round(rect.width)} ×{' '}
            {Math.round(rect.height)}
          </span>
        </div>
      )}
      {typing && rect && screen && element && 'text' in element && (
        <TypeOver
          screen={screen}
          element={element}
          style={inPercent(rect, width, height)}
          onDone={() => {
            setTyping(false);
            box.current?.focus();
          }}
        />
      )}
    </div>
  );
}

const STEPS: Record<string, { x: number; y: number }> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

const inPercent = (rect: Rect, width: number, height: number) => ({
  left: `${(rect.x / width) * 100}%`,
  top: `${(rect.y / height) * 100}%`,
  width: `${(rect.width / width) * 100}%`,
  height: `${(rect.height / height) * 100}%`,
});

function TypeOver({
  screen,
  element,
  style,
  onDone,
}: {
  screen: Screen;
  element: Element & { text: string };
  style: object;
  onDone: () => void;
}) {
  const first = useRef(element.text);
  const change = (text: string): void =>
    void edit(
      'change element',
      { screen: screen.id, element: element.id, change: { text } as Partial<Element> },
      { key: `type ${element.id}` },
    );
  return (
    <textarea
      autoFocus
      aria-label={`Words on ${element.name}`}
      value={element.text}
      maxLength={10_000}
      style={{ ...style, minHeight: 30, minWidth: 120 }}
      className="absolute z-20 resize-none rounded border-2 border-live bg-sheet/95 p-1 text-ink outline-none"
      onFocus={(event) => event.currentTarget.select()}
      onPointerDown={(event) => event.stopPropagation()}
      onChange={(event) => change(event.target.value)}
      onBlur={() => {
        endStep();
        onDone();
      }}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') change(first.current);
        if (event.key === 'Escape' || (event.key === 'Enter' && !event.shiftKey)) {
          event.preventDefault();
          event.currentTarget.blur();
        }
      }}
    />
  );
}

interface Hit {
  screen: Id;
  element: Id;
}

/** The topmost element at a point, on the topmost screen that has one there. */
function elementAt(up: readonly Id[], at: { x: number; y: number }): Hit | null {
  const { flow } = useStudio.getState();
  for (const id of [...up].reverse()) {
    const compiled = flow.screens.get(id);
    if (!compiled) continue;
    for (const element of [...compiled.screen.elements].reverse())
      if (contains(compiled.layout.get(element.id)!, at.x, at.y)) return { screen: id, element: element.id };
  }
  return null;
}

function move(screen: Screen, element: Element, dx: number, dy: number, key: string): void {
  const { flow, project } = useStudio.getState();
  const room = (element.parent && flow.screens.get(screen.id)!.layout.get(element.parent)) || project.design;
  const place = {
    x: dx === 0 ? element.place.x : moveAxis(element.place.x, dx, room.width),
    y: dy === 0 ? element.place.y : moveAxis(element.place.y, dy, room.height),
  };
  edit('change element', { screen: screen.id, element: element.id, change: { place } }, { key });
}

/** Follows the pointer until it is let go; the whole drag is one step of undo. Shift keeps to one axis. */
function startDrag(
  event: PointerEvent,
  hit: Hit,
  pointOf: (event: { clientX: number; clientY: number }) => { x: number; y: number },
): void {
  const start = pointOf(event);
  const { project } = useStudio.getState();
  const screen = screenById(project, hit.screen);
  const element = elementById(screen, hit.element);
  if (!screen || !element) return;
  let moved = false;
  const key = `drag ${element.id}`;
  const follow = (now: globalThis.PointerEvent): void => {
    const at = pointOf(now);
    let dx = Math.round(at.x - start.x);
    let dy = Math.round(at.y - start.y);
    if (!moved && Math.hypot(dx, dy) < 6) return;
    moved = true;
    if (now.shiftKey) {
      if (Math.abs(dx) > Math.abs(dy)) dy = 0;
      else dx = 0;
    }
    move(screen, element, dx, dy, key);
  };
  const stop = (): void => {
    window.removeEventListener('pointermove', follow);
    window.removeEventListener('pointerup', stop);
    window.removeEventListener('pointercancel', stop);
    if (moved) endStep();
  };
  window.addEventListener('pointermove', follow);
  window.addEventListener('pointerup', stop);
  window.addEventListener('pointercancel', stop);
}
