'use client';

import { PROJECT, readName, screenById, titleCase } from '@tavu/core/model';
import { choose, edit, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { ElementPanel } from './ElementPanel';
import { ScreenPanel } from './ScreenPanel';
import { SentenceList } from './SentenceList';
import { HouseSheet } from './MotionSheet';

/** The chosen screen's sentences and settings, or the chosen element's place and look. */
export function ReadingColumn() {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen);
  const screen = screenById(project, chosen.screen);
  const element = screen?.elements.find((each) => each.id === chosen.element);
  return (
    <aside
      aria-label="Reading"
      data-pane
      tabIndex={-1}
      className="flex min-h-0 flex-col border-l border-line bg-sheet"
    >
      <nav
        aria-label="Where this is"
        className="flex h-8.5 shrink-0 items-center gap-1.5 border-b border-line px-3.5 text-soft"
      >
        {screen ? (
          <>
            <button type="button" className="hover:underline" onClick={() => choose({ screen: null })}>
              {titleCase(screen.layer)}
            </button>
            <span aria-hidden="true">›</span>
            <button
              type="button"
              className={`truncate ${element ? 'hover:underline' : 'font-bold text-ink'}`}
              aria-current={element ? undefined : 'true'}
              onClick={() => choose({ element: null })}
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
        ) : (
          <span className="font-bold text-ink">The whole project</span>
        )}
      </nav>
      <div className="min-h-0 flex-1 space-y-5 overflow-auto px-3.5 py-3">
        {screen && element ? (
          <ElementPanel key={element.id} screen={screen} element={element} />
        ) : screen ? (
          <>
            {screen.layer !== 'notice' && <SentenceList screen={screen.id} />}
            <ScreenPanel key={screen.id} screen={screen} />
          </>
        ) : (
          <>
            <p className="text-soft">Choose a screen on the map to read what happens there.</p>
            <Field
              label="The project’s name"
              value={project.name}
              read={(text) => readName(text, [])}
              onChange={(name) => edit('rename project', { name })}
            />
            <SentenceList screen={PROJECT} />
            <section aria-label="House motion" className="-mx-3">
              <h3 className="px-3 font-bold">House motion</h3>
              <HouseSheet />
            </section>
          </>
        )}
      </div>
    </aside>
  );
}
