'use client';

import dynamic from 'next/dynamic';
import { useLayoutEffect, useRef } from 'react';
import { areasAround, PROJECT, readName, screenById, layerName, withId } from '@tavu/core/model';
import { keepInSight } from '../run';
import { choose, chosenScreens, edit, useStudio } from '../store';
import { FirstNote, Nothing, useAhead, Field } from '../ui';
import { chooseStep, useChosenStep } from '../panes/lines';
import { AreaPanel } from './AreaPanel';
import { Areas, Several } from './Several';
import { FramePanel } from './FramePanel';
import { OpenNotes } from '../notes';
import { SentenceList } from '../sentences';
import { Times } from './Times';
import { DefaultsSheet } from '../motion';

const LATER = {
  screen: () => import('./ScreenPanel').then((module) => module.ScreenPanel),
  element: () => import('./element/ElementPanel').then((module) => module.ElementPanel),
  several: () => import('./element/SeveralElements').then((module) => module.SeveralElements),
  step: () => import('../panes/lines/StepPanel').then((module) => module.StepPanel),
  sounds: () => import('./SoundRules').then((module) => module.SoundRules),
  languages: () => import('./Languages').then((module) => module.Languages),
  motions: () => import('../motion/MadeMotions').then((module) => module.MadeMotions),
  shared: () => import('../styles/SharedLooks').then((module) => module.SharedLooks),
};
const ScreenPanel = dynamic(LATER.screen, { loading: Nothing });
const ElementPanel = dynamic(LATER.element);
const MadeMotions = dynamic(LATER.motions);
const Languages = dynamic(LATER.languages);
const SoundRules = dynamic(LATER.sounds);
const StepPanel = dynamic(LATER.step);
const SeveralElements = dynamic(LATER.several);
const SharedLooks = dynamic(LATER.shared);

/** The chosen screen's sentences and settings, or the chosen element's place and look. */
export function ReadingColumn() {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen);
  const screen = screenById(project, chosen.screen);
  const area = withId(project.areas, chosen.area);
  useAhead(LATER);
  const compiled = useStudio((studio) => studio.flow.screens.get(chosen.screen ?? ''));
  const said = useChosenStep();
  const step = chosen.screen === null && chosen.area === null ? said : null;
  const element = chosen.element === null ? undefined : compiled?.byId.get(chosen.element);
  const several = chosen.others.length > 0 || chosen.also.length > 0;
  const sort = [screen, element, area, step].map(Boolean).join() + several;
  const column = useRef<HTMLDivElement>(null);
  // Another sort of thing is read from its beginning; from one element to the next the same settings stay in view.
  useLayoutEffect(() => {
    column.current!.scrollTop = 0;
  }, [sort]);
  return (
    <aside
      aria-label="Reading"
      data-pane
      tabIndex={-1}
      className="flex min-h-0 flex-col border-l border-line bg-sheet"
      onFocus={() => chosen.screen !== null && keepInSight(chosen.screen)}
    >
      <nav
        aria-label="Location"
        className="flex h-8.5 shrink-0 items-center gap-1.5 border-b border-line px-3.5 text-soft"
      >
        {chosen.others.length > 0 ? (
          <span className="font-bold text-ink">{chosen.others.length + 1} screens</span>
        ) : screen ? (
          <>
            {areasAround(project, screen.area)
              .reverse()
              .map((id) => (
                <span key={id} className="flex min-w-0 items-center gap-1.5">
                  <button
                    type="button"
                    className="truncate hover:underline"
                    onClick={() => choose({ area: id })}
                  >
                    {withId(project.areas, id)!.name}
                  </button>
                  <span aria-hidden="true">›</span>
                </span>
              ))}
            <button type="button" className="hover:underline" onClick={() => choose({ screen: null })}>
              {layerName(screen.layer)}
            </button>
            <span aria-hidden="true">›</span>
            <button
              type="button"
              className={`truncate ${element ? 'hover:underline' : 'font-bold text-ink'}`}
              aria-current={element ? undefined : 'true'}
              onClick={() => choose({ screen: screen.id })}
            >
              {screen.name}
            </button>
            {element && (
              <>
                <span aria-hidden="true">›</span>
                <span className="truncate font-bold text-ink" aria-current="true">
                  {element.name}
                </span>
              </>
            )}
          </>
        ) : area ? (
          <>
            <button type="button" className="hover:underline" onClick={() => choose({ screen: null })}>
              Area
            </button>
            <span aria-hidden="true">›</span>
            <span className="truncate font-bold text-ink" aria-current="true">
              {area.name}
            </span>
          </>
        ) : step ? (
          <>
            <button type="button" className="hover:underline" onClick={() => chooseStep(null)}>
              Lines
            </button>
            <span aria-hidden="true">›</span>
            <span className="truncate font-bold text-ink" aria-current="true">
              {step.owner.name}
            </span>
          </>
        ) : (
          <span className="font-bold text-ink">The whole project</span>
        )}
      </nav>
      <div ref={column} className="relative min-h-0 flex-1 space-y-5 overflow-auto px-3.5 py-3">
        <FirstNote n={3}>
          What happens is read here. Press an underlined word to change it, while the game runs.
        </FirstNote>
        {chosen.others.length > 0 ? (
          <Several screens={chosenScreens(chosen)} />
        ) : screen && element && chosen.also.length > 0 ? (
          <SeveralElements screen={screen} />
        ) : screen && element ? (
          <ElementPanel key={element.id} screen={screen} path={element.id} />
        ) : screen ? (
          <>
            <SentenceList source={screen.id} />
            <ScreenPanel key={screen.id} screen={screen} />
          </>
        ) : area ? (
          <AreaPanel key={area.id} area={area} />
        ) : step ? (
          <StepPanel key={step.step.id} owner={step.owner} step={step.step} />
        ) : (
          <>
            <p className="text-soft">Choose a screen on the map to read what happens there.</p>
            <Field
              label="The project’s name"
              value={project.name}
              read={(text) => readName(text, [])}
              onChange={(name) => edit('rename project', { name })}
            />
            <OpenNotes />
            <SentenceList source={PROJECT} />
            <section aria-label="Default motion" className="-mx-3">
              <h3 className="px-3 font-bold">Default motion</h3>
              <DefaultsSheet />
            </section>
            <Languages />
            <MadeMotions />
            <SoundRules />
            <FramePanel />
            <SharedLooks />
            <Areas />
            <Times />
          </>
        )}
      </div>
    </aside>
  );
}
