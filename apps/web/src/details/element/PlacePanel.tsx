'use client';

import { ownOf, spanOf } from '@tavu/core/layout';
import type { Axis } from '@tavu/core/geometry';
import type { CompiledScreen } from '@tavu/core/compile';
import type { Placement, Element, Id, Project } from '@tavu/core/model';
import { textStyle } from '@tavu/core/style';
import { placeWritten, reachedOn, roomOf } from '../../canvas';
import { edit, useStudio } from '../../store';
import { Group, ThingRow } from '../../ui';
import { AlignTools } from './AlignTools';
import { AxisFields } from './AxisFields';
import { PlaceNumbers } from './PlaceNumbers';
import { settingsOf } from '../../elements';
import type { Put } from '../../fields';

/** Where an element stands, how it is turned, what it is anchored to, and how it places what it holds. */
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
    return (
      <AxisFields
        names={names}
        axis={placeWritten(path, element)[axis]}
        span={{ ...span, start: span.start - room.start }}
        room={room.size}
        siblings={siblings(axis, room.start)}
        onChange={(to) =>
          put({
            place: { ...placeWritten(path, element), [axis]: to },
            ...lettered(project, element, axis, to),
          })
        }
      />
    );
  };
  return (
    <>
      <Group title="Place">
        <PlaceNumbers compiled={compiled} reached={reachedOn(compiled, [path])} />
        <AlignTools screen={compiled.screen} />
        {!path.includes('/') && <Holder compiled={compiled} element={element} />}
        {Holding && <Holding element={element} put={put} />}
      </Group>
      <Group title="Anchors" unfolded={false}>
        {fieldsOf('x', ['Left', 'Right', 'Width'])}
        {fieldsOf('y', ['Top', 'Bottom', 'Height'])}
      </Group>
    </>
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
