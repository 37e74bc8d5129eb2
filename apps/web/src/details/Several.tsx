'use client';

import { readName, screenById, type Id } from '@tavu/core/model';
import { ruleAround } from '@tavu/core/motion';
import { CopyPlus, Trash2 } from 'lucide-react';
import { choose, edit, NOTHING, useStudio } from '../store';
import { Field, Button, Row } from '../ui';
import { AreaSelect } from './AreaSelect';
import { StatusRow } from './StatusRow';
import { OwnMotion } from '../motion';

/** What can be done with several chosen screens at once. */
export function Several({ screens }: { screens: readonly Id[] }) {
  const project = useStudio((studio) => studio.project);
  const found = screens.map((id) => screenById(project, id)).filter((item) => item !== undefined);
  const areas = new Set(found.map((screen) => screen.area ?? null));
  const motions = new Set(found.map((screen) => JSON.stringify(screen.motion)));
  const shared = motions.size === 1 ? found[0]?.motion : undefined;
  return (
    <section aria-label="Chosen screens" className="space-y-3">
      <ul>
        {found.map((screen) => (
          <li key={screen.id}>
            <button
              type="button"
              className="min-h-6 w-full truncate rounded px-1.5 py-0.5 text-left hover:bg-chosen-wash"
              onClick={() => choose({ screen: screen.id })}
            >
              {screen.name}
            </button>
          </li>
        ))}
      </ul>
      <div className="border-y border-line">
        <Row label="Area">
          <AreaSelect screens={screens} area={areas.size === 1 ? [...areas][0]! : null} />
        </Row>
        <StatusRow screens={found} />
      </div>
      <section aria-label="Motion of all of them" className="-mx-3">
        <h3 className="px-3 font-bold">Motion of all of them</h3>
        <OwnMotion
          motion={shared}
          rule={ruleAround(project, [...areas][0] ?? null, found[0]?.layer)}
          onChange={(motion) => edit('change screens', { screens: [...screens], change: { motion } })}
        />
      </section>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => edit('duplicate screens', { screens: [...screens] })}>
          <CopyPlus size={13} aria-hidden="true" /> Duplicate
        </Button>
        <Button
          look="danger"
          onClick={() => edit('delete screens', { screens: [...screens] }, { chosen: () => NOTHING })}
        >
          <Trash2 size={13} aria-hidden="true" /> Delete
        </Button>
      </div>
    </section>
  );
}

/** The areas of the project, and a new one. */
export function Areas() {
  const areas = useStudio((studio) => studio.project.areas);
  return (
    <section aria-label="Areas">
      <h3 className="mb-1 font-bold">Areas</h3>
      {areas.map((area) => (
        <button
          key={area.id}
          type="button"
          className="block min-h-6 w-full rounded px-1.5 py-0.5 text-left hover:bg-chosen-wash"
          onClick={() => choose({ area: area.id })}
        >
          {area.name}
        </button>
      ))}
      <Field
        clears
        label="A new area, for rules that hold on several screens"
        value=""
        read={(text) =>
          readName(
            text,
            areas.map((area) => area.name),
          )
        }
        onChange={(name) => {
          edit('add area', { name }, { chosen: (id) => ({ ...NOTHING, area: id ?? null }) });
        }}
      />
    </section>
  );
}
