'use client';

import { ownerById, stackable } from '@tavu/core/edit';
import { readName, type Screen, withId } from '@tavu/core/model';
import { Columns3, Copy, Rows3, Trash2 } from 'lucide-react';
import { reachedOn } from '../../canvas';
import { choose, chosenElements, edit, useStudio } from '../../store';
import { Field, Group, Button } from '../../ui';
import { AlignTools } from './AlignTools';
import { ContentsList } from './Contents';
import { NearSiblings } from './NearSiblings';
import { PlaceNumbers } from './PlaceNumbers';
import { SharedLook } from './SharedLook';

/** Several elements at once: what they share, lined up, copied, made a component, taken off. */
export function SeveralElements({ screen }: { screen: Screen }) {
  const chosen = useStudio((studio) => studio.chosen);
  const compiled = useStudio((studio) => studio.flow.screens.get(screen.id));
  const all = chosenElements(chosen);
  const own = all.filter((path) => !path.includes('/'));
  const reached = reachedOn(compiled, all);
  return (
    <>
      <Group title={`All of ${screen.name}`} unfolded={false}>
        <ContentsList screen={screen} />
      </Group>
      <section aria-label="Several elements">
        <h3 className="mb-1 font-bold">{all.length} elements</h3>
        <ul className="max-h-60 space-y-1 overflow-auto">
          {all.map((path) => {
            const element = compiled?.byId.get(path);
            if (!element) return null;
            const others = compiled!.screen.elements
              .filter((other) => other.id !== path)
              .map((item) => item.name);
            return (
              <li key={path} className="flex items-center gap-1">
                <Field
                  hidden
                  label={`Name of ${element.name}`}
                  value={element.name}
                  className="min-w-0 flex-1"
                  read={(text) => readName(text, others)}
                  onChange={(name) =>
                    edit('change element', { screen: screen.id, element: path, change: { name } })
                  }
                />
                <Button onClick={() => choose({ element: path })}>Only this</Button>
              </li>
            );
          })}
        </ul>
      </section>
      {compiled && reached.length > 0 && (
        <>
          <Group title="Place">
            <PlaceNumbers compiled={compiled} reached={reached} />
            <AlignTools screen={screen} />
          </Group>
          <SharedLook screen={screen.id} reached={reached} />
        </>
      )}
      <NearSiblings screen={screen} />
      <div className="flex flex-wrap gap-1">
        <Stacking screen={screen} elements={own} />
        <MakeComponent screen={screen} elements={own} />
        <Button
          onClick={() => {
            const made = edit('duplicate elements', { screen: screen.id, elements: own });
            if (made) choose({ element: made });
          }}
        >
          <Copy size={13} aria-hidden="true" /> Duplicate
        </Button>
        <Button look="danger" onClick={() => edit('delete elements', { screen: screen.id, elements: own })}>
          <Trash2 size={13} aria-hidden="true" /> Delete them
        </Button>
      </div>
    </>
  );
}

/** Elements that stand by themselves become a column or a row, which keeps its gap as it grows. */
function Stacking({ screen, elements }: { screen: Screen; elements: readonly string[] }) {
  const can = useStudio(
    ({ project }) => stackable(ownerById(project, screen.id) ?? screen, elements).length > 0,
  );
  if (!can) return null;
  const stack = (by: 'column' | 'row'): void => {
    const made = edit('stack elements', { screen: screen.id, elements: [...elements], by });
    if (made) choose({ element: made });
  };
  return (
    <>
      <Button title="One under another in a panel that keeps the gap" onClick={() => stack('column')}>
        <Rows3 size={13} aria-hidden="true" /> Make a column
      </Button>
      <Button title="Side by side in a panel that keeps the gap" onClick={() => stack('row')}>
        <Columns3 size={13} aria-hidden="true" /> Make a row
      </Button>
    </>
  );
}

export function MakeComponent({ screen, elements }: { screen: Screen; elements: readonly string[] }) {
  if (elements.length === 0) return null;
  const name = withId(screen.elements, elements[0])?.name ?? 'Component';
  return (
    <Button
      title="To be placed on many screens, and changed once"
      onClick={() => {
        const made = edit('make component', { screen: screen.id, elements: [...elements], name });
        if (made) choose({ element: made });
      }}
    >
      Make a component
    </Button>
  );
}
