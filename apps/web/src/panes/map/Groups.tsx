'use client';

import { groupsOf, type MapGroup, type MapPlan } from '@tavu/core/map';
import { layerName, withId, type Id, type Project } from '@tavu/core/model';
import { memo, useMemo } from 'react';
import { useRun } from '../../run';
import { choose, useStudio } from '../../store';
import { fitNames, partable, SMALLEST, type NamedBlock } from './detail';

/** The map from far: areas, and what the bands hold besides, as one block each with its name and counts. */
export const Groups = memo(function Groups({
  project,
  plan,
  scale,
  looked,
  onOpen,
}: {
  project: Project;
  plan: MapPlan;
  /** How near the map is seen; words keep their size. */
  scale: number;
  /** The screens the filter is about; null for all. */
  looked: ReadonlySet<Id> | null;
  onOpen: (group: MapGroup) => void;
}) {
  const groups = useMemo(() => groupsOf(project, plan), [project, plan]);
  const names = groups.map(({ area, layer }) =>
    area === null ? layerName(layer) : withId(project.areas, area)!.name,
  );
  const blocks = fitNames(
    groups.map((group, i) => ({
      name: names[i]!,
      x: group.x * scale,
      y: group.y * scale,
      width: group.width * scale,
      height: group.height * scale,
    })),
  );
  return (
    <div className="absolute top-0 left-0 origin-top-left" style={{ transform: `scale(${1 / scale})` }}>
      {groups.map((group, i) => (
        <Group
          key={group.key}
          group={group}
          name={names[i]!}
          block={blocks[i]!}
          faint={looked !== null && !anyOf(group.cards, looked)}
          onOpen={onOpen}
        />
      ))}
    </div>
  );
});

const anyOf = (cards: ReadonlySet<Id>, looked: ReadonlySet<Id>): boolean =>
  [...cards].some((id) => looked.has(id));

/** Beneath this height and width, in pixels of the page, there is only room for the name. */
const ROOM = { height: 54, width: 60 };

function Group({
  group,
  name,
  block: { down, ...block },
  faint,
  onOpen,
}: {
  group: MapGroup;
  name: string;
  block: NamedBlock;
  /** None of its screens is among what is looked at. */
  faint: boolean;
  onOpen: (group: MapGroup) => void;
}) {
  const { area, cards, into, out } = group;
  const chosen = useStudio(
    ({ chosen }) =>
      (area !== null && chosen.area === area) || (chosen.screen !== null && cards.has(chosen.screen)),
  );
  const up = useRun((run) => run.up.some((id) => cards.has(id)));
  const screens = `${cards.size} ${cards.size === 1 ? 'screen' : 'screens'}`;
  const roomy = !down && block.height > ROOM.height && block.width > ROOM.width;
  const look = up ? 'border-live ring-live' : chosen ? 'border-chosen ring-chosen' : 'border-strong';
  const words = `${name}, ${screens}, ${into} in, ${out} out${up ? ', up now' : ''}`;
  return (
    <button
      type="button"
      data-stays
      data-group={group.key}
      aria-label={words}
      title={words}
      aria-pressed={chosen}
      className={`absolute flex flex-col items-center justify-center gap-0.5 overflow-hidden rounded border bg-sheet text-center leading-tight font-semibold [overflow-wrap:anywhere] hover:bg-chosen-wash ${look} ${up || chosen ? 'ring-1' : ''} ${down ? '[writing-mode:vertical-rl]' : ''} ${faint ? 'opacity-25' : ''}`}
      style={{ left: block.x, top: block.y, width: block.width, height: block.height, fontSize: SMALLEST }}
      onClick={() => (area === null || chosen ? onOpen(group) : choose({ area }))}
      onDoubleClick={() => onOpen(group)}
    >
      {down ? name : partable(name)}
      {roomy && (
        <span className="text-xs font-normal text-soft">
          {screens}
          <br />
          {into} in, {out} out
        </span>
      )}
    </button>
  );
}
