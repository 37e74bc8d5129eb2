'use client';

import { ownOf, spanOf } from '@tavu/core/layout';
import type { Axis } from '@tavu/core/geometry';
import type { CompiledScreen } from '@tavu/core/compile';
import type { Placement, Element, Id, Project } from '@tavu/core/model';
import { textStyle } from '@tavu/core/style';
import { roomOf } from '../../canvas';
import { edit, useStudio } from '../../store';
import { Group, NumberField, ThingRow } from '../../ui';
import { AxisFields } from './AxisFields';
import { settingsOf } from '../../elements';
import type { Put } from '../../fields';

/** Where an element stands, in what, over what, how it is turned, and how it places what it holds. */
export function PlacePanel({
  compiled,
  path,
  element,
  put,
}: {
  compiled: CompiledScreen;
  path: Id;
  element: Element;
  put: Put;
}) {
  const project = useStudio((studio) => studio.project);
  const { Holding } = settingsOf(element);
  const rect = compiled.layout.get(path)!;
  const within = path.includes('/') ? path.slice(0, path.lastIndexOf('/') + 1) : '';
  const own = (id: Id): Id => id.slice(within.length);
  const siblings = (axis: Axis, start: number) =>
    compiled.elements
      .filter((other) => other.id !== path && other.parent === element.parent)
      .map((item) => {
        const span = spanOf(compiled.layout.get(item.id)!, axis);
        return { element: { ...item, id: own(item.id) }, span: { ...span, start: span.start - start } };
      });
  const fieldsOf = (axis: Axis, names: [string, string, string]) => {
    const room = roomOf(compiled, element, axis);
    const span = spanOf(rect, axis);
    const place = element.place[axis];
    return (
      <AxisFields
        names={names}
        // In a component siblings go by their own ids, not by their paths.
        axis={place.at !== 'stretch' && place.to !== undefined ? { ...place, to: own(place.to) } : place}
        span={{ ...span, start: span.start - room.start }}
        room={room.size}
        siblings={siblings(axis, room.start)}
        onChange={(to) =>
          put({ place: { ...unpathed(element, own), [axis]: to }, ...lettered(project, element, axis, to) })
        }
      />
    );
  };
  const holder = compiled.byId.get(element.parent ?? '');
  const arranged = holder?.type === 'panel' && holder.arrange !== undefined;
  return (
    <Group title="Place">
      {arranged && (
        <p className="text-sm text-soft">
          {holder.name} places it, as a {holder.arrange!.by}; here is how large it is.
        </p>
      )}
      {fieldsOf('x', ['Left', 'Right', 'Width'])}
      {fieldsOf('y', ['Top', 'Bottom', 'Height'])}
      <div className="flex gap-1.5">
        <NumberField
          label="Rotation"
          unit="°"
          value={element.turn ?? 0}
          min={-3600}
          max={3600}
          onChange={(turn) => put({ turn: turn === 0 ? undefined : turn })}
        />
        <NumberField
          label="Lift over siblings"
          value={element.lift ?? 0}
          min={-1000}
          max={1000}
          onChange={(lift) => put({ lift: lift === 0 ? undefined : Math.round(lift) })}
        />
      </div>
      {!path.includes('/') && <Holder compiled={compiled} element={element} />}
      {Holding && <Holding element={element} put={put} />}
    </Group>
  );
}

const STANDS = { x: ['start', 'centre', 'end'], y: ['top', 'middle', 'bottom'] } as const;

/** Text aligned to its box's anchor stays aligned when the anchor changes. */
function lettered(project: Project, element: Element, axis: Axis, to: Placement): Partial<Element> {
  const from = element.place[axis];
  if ((element.type !== 'text' && element.type !== 'spoken') || from.at === 'stretch' || to.at === 'stretch')
    return {};
  const { align, stand = 'top' } = textStyle(project, element.look);
  const now = axis === 'x' ? align : stand;
  const [was, next] = [from, to].map((placement) => STANDS[axis][Math.round(ownOf(placement) * 2)]!);
  return was === next || now !== was
    ? {}
    : { look: { ...element.look, [axis === 'x' ? 'align' : 'stand']: next } };
}

/** A place whose siblings go by their own ids. */
function unpathed({ place }: Element, own: (id: Id) => Id): Element['place'] {
  const one = (placement: Element['place']['x']) =>
    placement.at !== 'stretch' && placement.to !== undefined
      ? { ...placement, to: own(placement.to) }
      : placement;
  return { x: one(place.x), y: one(place.y) };
}

/** Its parent: the screen, or another element. It stays where it is on screen. */
function Holder({ compiled, element }: { compiled: CompiledScreen; element: Element }) {
  const isIn = (id: Id): boolean => {
    for (let at: Id | null = id; at !== null; at = compiled.byId.get(at)?.parent ?? null)
      if (at === element.id) return true;
    return false;
  };
  const holders = compiled.screen.elements.filter(
    (other) =>
      (other.type === 'panel' || other.type === 'tabs' || other.id === element.parent) && !isIn(other.id),
  );
  return (
    <ThingRow
      label="Parent"
      value={element.parent}
      none="the screen"
      things={holders}
      onChange={(id) =>
        edit('place elements', {
          screen: compiled.id,
          elements: [element.id],
          parent: id ?? null,
          before: null,
        })
      }
    />
  );
}
