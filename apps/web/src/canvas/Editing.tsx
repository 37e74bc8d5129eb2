'use client';

import { elementsAt } from '@tavu/core/paint';
import { writtenAt } from '@tavu/core/component';
import type { Id, ShapeElement } from '@tavu/core/model';
import {
  useLayoutEffect,
  useRef,
  useState,
  type CSSProperties,
  type KeyboardEvent,
  type PointerEvent,
} from 'react';
import { liveFlow, livePlayer, useRun, useSizes } from '../run';
import { choose, chooseElementAlso, chosenElements, useStudio, addDrawn, setView, useView } from '../store';
import { Button, Sheet } from '../ui';
import { Arrows, Ordering } from './Arrows';
import { copyElements, pasteElements } from './clipboard';
import { dragElements, dragOut, standingAround, useGuides, type Point } from './drag';
import { Frames } from './Frames';
import { editingKey } from './keys';
import { Marks } from './Marks';
import { inPercent } from './percent';
import { Points } from './Points';
import { isLocked, reachedOn, type Reached } from './reach';
import { TypeOver } from './TypeOver';
import { posesNow, useKeying } from './keying';
import { edited, pressedAt, stepInto, type Pressed } from './pressed';
import { topmost } from './topmost';

/** Over the held picture: choosing, drawing, moving and typing over what is on the screens that are up. */
export function Editing() {
  const flow = useStudio((studio) => studio.flow);
  const chosen = useStudio((studio) => studio.chosen);
  useSizes((sizes) => sizes.size);
  // While keyframes are set, what is chosen stands where it is at that moment.
  useKeying();
  const up = useRun((run) => run.up);
  const tool = useView((view) => view.tool);
  const marks = useView((view) => view.marks);
  const arrows = useView((view) => view.arrows);
  const box = useRef<HTMLDivElement>(null);
  /** The element whose words are typed over. */
  const [over, setOver] = useState<Id | null>(null);
  /** What was pressed of a screen that is not the chosen one. */
  const [foreign, setForeign] = useState<(Pressed & { at: Point }) | null>(null);
  const typing = over !== null && over === chosen.element;
  const at = liveFlow();
  const { width, height } = at.frame;
  const { screen, compiled, all } = edited();
  const [first] = all;
  // As written: what names a parameter goes on naming it.
  const written =
    typing && first && screen ? writtenAt(flow.project, screen, first.path)?.element : undefined;
  const words = written && 'text' in written ? written : undefined;
  // The keyboard moves from the game to editing while held, and back when the run resumes.
  useLayoutEffect(() => {
    const layer = box.current!;
    const game = livePlayer()?.host;
    if (document.activeElement === game) layer.focus({ preventScroll: true });
    return () => {
      setView({ tool: null, ordering: null });
      if (layer.contains(document.activeElement)) game?.focus({ preventScroll: true });
    };
  }, []);

  const scale = (): number => box.current!.getBoundingClientRect().width / width;
  const pointOf = (event: { clientX: number; clientY: number }): Point => {
    const frame = box.current!.getBoundingClientRect();
    return {
      x: ((event.clientX - frame.left) / frame.width) * width,
      y: ((event.clientY - frame.top) / frame.height) * height,
    };
  };

  const press = (event: PointerEvent): void => {
    if (event.button !== 0 || typing) return;
    if (tool && compiled) {
      const others = standingAround(compiled, new Set());
      const point = pointOf(event);
      return dragOut(event, pointOf, { others, scale: scale() }, (drawn) =>
        addDrawn(compiled, tool, drawn, point),
      );
    }
    const hit = pressedAt(up, pointOf(event));
    if (hit?.isAnother) {
      const asked = { ...hit, at: pointOf(event) };
      // Once the press is over: until then it takes the focus, which would close what asks.
      return window.addEventListener('pointerup', () => setForeign(asked), { once: true });
    }
    if (!hit) {
      if (!event.shiftKey) choose({ screen: screen?.id ?? topmost(up) ?? null });
      if (compiled) dragOut(event, pointOf, null, (band) => band && chooseIn(compiled.id, band));
      return;
    }
    if (event.shiftKey && hit.screen === chosen.screen) return chooseElementAlso(hit.element);
    const already = hit.screen === chosen.screen && chosenElements(chosen).includes(hit.element);
    if (!already) choose({ screen: hit.screen, element: hit.element });
    const on = at.screens.get(hit.screen)!;
    const moving = already ? all : reachedOn(on, [hit.element]);
    dragElements(event, on, moving, pointOf, scale(), (dragged) => {
      if (!dragged && already && all.length > 1) choose({ screen: hit.screen, element: hit.element });
    });
  };

  const deeper = (event: { clientX: number; clientY: number }): void => {
    // The element chosen by the first press may not be drawn yet.
    const [first] = reachedOn(compiled, chosenElements(useStudio.getState().chosen));
    if (!first || !compiled) return;
    if (first.element.type === 'component') {
      const inner = elementsAt(compiled, pointOf(event), [], null, posesNow(compiled)).find((id) =>
        id.startsWith(`${first.path}/`),
      );
      if (inner) choose({ screen: compiled.id, element: stepInto(first.path, inner) });
    } else if ('text' in first.element) setOver(first.path);
  };

  const keys = (event: KeyboardEvent): void => {
    // Reads the selection from the store, since a fast second press comes before the first is drawn.
    const { compiled, all } = edited();
    if (typing || !compiled || event.target !== box.current) return;
    const [first] = all;
    const done = editingKey(event, compiled, all, () => {
      if (first && 'text' in first.element) setOver(first.path);
    });
    if (done) event.preventDefault();
  };

  return (
    <div
      ref={box}
      tabIndex={0}
      role="application"
      aria-label={`Editing ${screen?.name ?? ''}. Brackets choose an element, arrows move it, Enter types over it, a letter puts one on.`}
      className={`absolute inset-0 z-10 touch-none overflow-visible ${tool ? 'cursor-crosshair' : 'cursor-default'}`}
      onPointerDown={press}
      onDoubleClick={deeper}
      onKeyDown={keys}
      onCopy={(event) => copyElements(event, false)}
      onCut={(event) => copyElements(event, true)}
      onPaste={pasteElements}
    >
      {compiled && <Marks compiled={compiled} width={width} height={height} />}
      {compiled && marks && (
        <Frames
          compiled={compiled}
          chosen={all}
          width={width}
          height={height}
          pointOf={pointOf}
          scale={scale}
        />
      )}
      {compiled && all.length === 1 && first && isShape(first) && (
        <Points compiled={compiled} reached={first} width={width} height={height} pointOf={pointOf} />
      )}
      {compiled && arrows && (
        <Arrows
          compiled={compiled}
          width={width}
          height={height}
          pointOf={pointOf}
          chosen={chosenElements(chosen)}
        />
      )}
      {compiled && <Ordering compiled={compiled} width={width} height={height} />}
      <Drawn width={width} height={height} />
      {foreign && (
        <AnotherScreen
          hit={foreign}
          style={inPercent({ ...foreign.at, width: 1, height: 1 }, width, height)}
          onDone={() => setForeign(null)}
        />
      )}
      {typing && first && words && screen && (
        <TypeOver
          screen={screen.id}
          path={first.path}
          element={words}
          style={inPercent(first.rect, width, height)}
          onDone={() => {
            setOver(null);
            box.current?.focus();
          }}
        />
      )}
    </div>
  );
}

const isShape = (reached: Reached): reached is Reached & { element: ShapeElement } =>
  reached.element.type === 'shape';

/** Says whose it is that was pressed, and asks whether that screen is meant. */
function AnotherScreen({ hit, style, onDone }: { hit: Pressed; style: CSSProperties; onDone: () => void }) {
  const compiled = liveFlow().screens.get(hit.screen);
  const element = compiled?.byId.get(hit.element);
  if (!compiled || !element) return null;
  const { name } = compiled.screen;
  return (
    <Sheet
      label="Another screen"
      width="w-auto"
      open
      onOpen={(open) => !open && onDone()}
      anchor={<span className="pointer-events-none absolute" style={style} />}
    >
      <div className="space-y-2 p-3">
        <p>
          <b>{element.name}</b> is on <b>{name}</b>.
        </p>
        <Button
          look="main"
          onClick={() => {
            onDone();
            choose({ screen: hit.screen, element: hit.element });
          }}
        >
          Edit {name}
        </Button>
      </div>
    </Sheet>
  );
}

function chooseIn(screen: Id, band: { x: number; y: number; width: number; height: number }): void {
  const compiled = liveFlow().screens.get(screen);
  if (!compiled) return;
  const inside = (compiled.tree.get(null) ?? []).filter(({ id }) => {
    const rect = compiled.layout.get(id)!;
    return (
      !isLocked(compiled, id) &&
      rect.x >= band.x &&
      rect.y >= band.y &&
      rect.x + rect.width <= band.x + band.width &&
      rect.y + rect.height <= band.y + band.height
    );
  });
  const [element = null, ...also] = inside.map((item) => item.id);
  choose({ screen, element, also });
}

/** What is being drawn out, with its size. */
function Drawn({ width, height }: { width: number; height: number }) {
  const drawn = useGuides((guides) => guides.drawn);
  if (!drawn) return null;
  return (
    <div
      className="pointer-events-none absolute border border-dashed border-live bg-live/10"
      style={inPercent(drawn, width, height)}
    >
      <span className="absolute -bottom-5 left-0 rounded bg-live px-1 font-mono text-xs whitespace-nowrap text-sheet">
        {drawn.width} × {drawn.height}
      </span>
    </div>
  );
}
