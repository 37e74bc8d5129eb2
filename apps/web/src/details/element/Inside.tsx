'use client';

import { componentById, pathOf } from '@tavu/core/component';
import { reach } from '@tavu/core/edit';
import type { Id, Screen } from '@tavu/core/model';
import { setView, useView, choose, edit, useStudio } from '../../store';
import { Choices, Small } from '../../ui';

/** Which component an element belongs to, and whether changes are for everywhere it is placed or for this place. */
export function Inside({ screen, path }: { screen: Screen; path: Id }) {
  const project = useStudio((studio) => studio.project);
  const here = useView((view) => view.here);
  const found = reach(project, screen, path);
  if (!found?.placed) return null;
  const { placed, element } = found;
  const component = componentById(project, placed.component)!;
  const exceptions = placed.changes?.[element.id];
  return (
    <section
      aria-label="Inside a component"
      className="space-y-1.5 rounded border border-double border-strong p-2"
    >
      <p>
        Part of the component{' '}
        <button
          type="button"
          className="font-semibold hover:underline"
          onClick={() => choose({ element: path.slice(0, path.lastIndexOf('/')) })}
        >
          {component.name}
        </button>
        .
      </p>
      <ul aria-label={`Parts of ${component.name}`} className="flex flex-wrap gap-1">
        {component.elements.map((item) => (
          <li key={item.id}>
            <Small
              aria-pressed={item.id === element.id}
              className={item.id === element.id ? 'bg-chosen-wash' : ''}
              onClick={() => choose({ element: pathOf(path.slice(0, path.lastIndexOf('/')), item.id) })}
            >
              {item.name}
            </Small>
          </li>
        ))}
      </ul>
      <Choices
        label="Changes apply to"
        value={here ? 'here' : 'everywhere'}
        options={[
          { value: 'everywhere', text: 'Every place' },
          { value: 'here', text: 'This place only' },
        ]}
        onChange={(to) => setView({ here: to === 'here' })}
      />
      {exceptions && (
        <p className="text-sm">
          Overridden here: {Object.keys(exceptions).map(wordOf).join(', ')}.{' '}
          <Small
            onClick={() =>
              edit('reset place', {
                screen: screen.id,
                element: placed.id,
                inner: element.id,
              })
            }
          >
            Reset to the component
          </Small>
        </p>
      )}
    </section>
  );
}

const WORDS: Record<string, string> = {
  look: 'its typography',
  box: 'its box',
  place: 'its place',
  text: 'its words',
  name: 'its name',
  asset: 'its picture',
  shownWhen: 'when it is shown',
  enabledWhen: 'when it can be used',
};
const wordOf = (key: string): string => WORDS[key] ?? key;
