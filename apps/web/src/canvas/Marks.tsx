'use client';

import type { CompiledScreen } from '@tavu/core/compile';
import { findingMark, findingWords } from '@tavu/core/check';
import { grown } from '@tavu/core/drawing';
import { paintStill } from '@tavu/core/paint';
import { StickyNote } from 'lucide-react';
import { useMemo } from 'react';
import { liveFlow } from '../run';
import { notesWords, openNotes } from '../notes';
import { Picture, setFold } from '../ui';
import { choose, useStudio, useView } from '../store';
import { inPercent } from './percent';
import { useDrawnFindings } from './useDrawnFindings';

/** Over the held picture: the safe margin, the grid, a sibling screen, touch areas, and texts that do not fit. */
export function Marks({
  compiled,
  width,
  height,
}: {
  compiled: CompiledScreen;
  width: number;
  height: number;
}) {
  const margin = useStudio((studio) => studio.project.design.margin);
  const marks = useView((view) => view.marks);
  const marginShown = useView((view) => view.marginShown);
  const gridShown = useView((view) => view.gridShown);
  const grid = useView((view) => view.grid);
  return (
    <div className="pointer-events-none absolute inset-0">
      <Sibling compiled={compiled} width={width} height={height} />
      {gridShown && grid > 0 && (
        <div
          className="absolute inset-0 opacity-40"
          style={{
            backgroundImage:
              'linear-gradient(to right, var(--color-live) 1px, transparent 1px), linear-gradient(to bottom, var(--color-live) 1px, transparent 1px)',
            // Where lines would lie too close to be told apart, only every tenth is drawn.
            backgroundSize: `${((grid < 40 ? grid * 10 : grid) / width) * 100}% ${((grid < 40 ? grid * 10 : grid) / height) * 100}%`,
          }}
        />
      )}
      {marginShown && (
        <div
          className="absolute border border-dashed border-live"
          style={{ inset: `${margin}%`, top: `${margin}%`, bottom: `${margin}%` }}
        >
          <span className="absolute top-0 left-0 bg-live px-1 text-xs text-sheet">
            safe margin {margin} %
          </span>
        </div>
      )}
      {marks &&
        compiled.elements
          .filter(({ type, reach }) => type === 'touch' || type === 'stick' || reach !== undefined)
          .map((element) => (
            <div
              key={element.id}
              className="absolute border border-dotted border-sheet bg-live/10 text-xs text-sheet"
              style={inPercent(grown(compiled.layout.get(element.id)!, element.reach ?? 0), width, height)}
            >
              {element.type === 'touch' && <span className="bg-ink/60 px-0.5">{element.name}</span>}
            </div>
          ))}
      {marks && <Pins compiled={compiled} width={width} height={height} />}
      {marks && <DrawnFindings compiled={compiled} width={width} height={height} />}
    </div>
  );
}

/** What is wrong with elements as they are drawn, each with by how much. */
function DrawnFindings({
  compiled,
  width,
  height,
}: {
  compiled: CompiledScreen;
  width: number;
  height: number;
}) {
  const flow = liveFlow();
  const found = useDrawnFindings(flow, compiled);
  return found.map((finding) => {
    const { element = '' } = finding.where;
    const rect = compiled.layout.get(element);
    return (
      rect && (
        <button
          key={`${finding.code} ${element}`}
          type="button"
          tabIndex={-1}
          title={findingWords(finding)}
          className="pointer-events-auto absolute border-2 border-dashed border-warn text-left"
          style={{ ...inPercent(rect, width, height), pointerEvents: 'none' }}
          onClick={() => choose({ screen: compiled.id, element: element.split('/')[0] })}
        >
          <span className="absolute right-0 bottom-full bg-warn px-1 text-xs whitespace-nowrap text-sheet">
            {findingMark(finding)}
          </span>
        </button>
      )
    );
  });
}

/** Where notes are pinned that are open: at the corner of their element, those of the screen at that of the frame. */
function Pins({ compiled, width, height }: { compiled: CompiledScreen; width: number; height: number }) {
  const chosen = useStudio((studio) => studio.chosen.element);
  const whole = { x: 0, y: 0, width, height };
  const pins = [
    { on: null, name: compiled.screen.name, rect: whole, count: openNotes(compiled.screen) },
    ...compiled.elements.map((element) => ({
      on: element.id,
      name: element.name,
      rect: compiled.layout.get(element.id)!,
      count: openNotes(element),
    })),
  ];
  return (
    pins
      // The chosen element has its notes in the right column, and its corner is where it is resized.
      .filter(({ on, count }) => count > 0 && (on === null || on !== chosen))
      .map(({ on, name, rect, count }) => (
        <div key={on ?? ''} className="absolute" style={inPercent(rect, width, height)}>
          <button
            type="button"
            tabIndex={-1}
            title={`${notesWords(count)} on ${name}`}
            aria-label={`${notesWords(count)} on ${name}`}
            className="pointer-events-auto absolute top-0 right-0 flex size-6 items-center justify-center rounded-bl bg-chosen text-on-chosen"
            onClick={() => {
              setFold('Notes', true);
              choose({ screen: compiled.id, element: on });
            }}
          >
            <StickyNote size={14} aria-hidden="true" />
          </button>
        </div>
      ))
  );
}

/** Another screen, faintly, to line up with. */
function Sibling({ compiled, width, height }: { compiled: CompiledScreen; width: number; height: number }) {
  const id = useView((view) => view.sibling);
  const faint = useView((view) => view.faint);
  const sources = useStudio((studio) => studio.sources);
  const flow = liveFlow();
  const sibling = id === null || id === compiled.id ? undefined : flow.screens.get(id);
  const items = useMemo(() => (sibling ? paintStill(flow, sibling, false) : []), [flow, sibling]);
  if (!sibling) return null;
  return (
    <div className="absolute inset-0 select-none" style={{ opacity: faint }}>
      <Picture items={items} sources={sources} width={width} height={height} className="size-full" />
    </div>
  );
}
