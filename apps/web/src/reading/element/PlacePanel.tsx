'use client';

import { ownOf, spanOf } from '@tavu/core/layout';
import type { Way } from '@tavu/core/geometry';
import type { CompiledScreen } from '@tavu/core/compile';
import type { Arrange, Axis, Element, Id, Project } from '@tavu/core/model';
import { textStyle } from '@tavu/core/style';
import { roomOf } from '../../editing/reach';
import { edit, useStudio } from '../../studio/store';
import { Group } from '../../ui/Group';
import { NumberField } from '../../ui/NumberField';
import { Row, Select, SelectRow, ThingRow } from '../../ui/Row';
import { AxisFields } from './AxisFields';
import type { Put } from './change';

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
  const rect = compiled.layout.get(path)!;
  const within = path.includes('/') ? path.slice(0, path.lastIndexOf('/') + 1) : '';
  const own = (id: Id): Id => id.slice(within.length);
  const sisters = (way: Way, start: number) =>
    compiled.elements
      .filter((each) => each.id !== path && each.parent === element.parent)
      .map((each) => {
        const span = spanOf(compiled.layout.get(each.id)!, way);
        return { element: { ...each, id: own(each.id) }, span: { ...span, start: span.start - start } };
      });
  const axis = (way: Way, names: [string, string, string]) => {
    const room = roomOf(compiled, element, way);
    const span = spanOf(rect, way);
    const place = element.place[way];
    return (
      <AxisFields
        names={names}
        // In a component sisters go by their own ids, not by their paths.
        axis={place.at !== 'stretch' && place.to !== undefined ? { ...place, to: own(place.to) } : place}
        span={{ ...span, start: span.start - room.start }}
        room={room.size}
        sisters={sisters(way, room.start)}
        onChange={(to) =>
          put({ place: { ...unpathed(element, own), [way]: to }, ...lettered(project, element, way, to) })
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
      {axis('x', ['Left', 'Right', 'Width'])}
      {axis('y', ['Top', 'Bottom', 'Height'])}
      <div className="flex gap-1.5">
        <NumberField
          label="Turned, degrees"
          value={element.turn ?? 0}
          least={-3600}
          most={3600}
          onChange={(turn) => put({ turn: turn === 0 ? undefined : turn })}
        />
        <NumberField
          label="Lifted over sisters"
          value={element.lift ?? 0}
          least={-1000}
          most={1000}
          onChange={(lift) => put({ lift: lift === 0 ? undefined : Math.round(lift) })}
        />
      </div>
      {!path.includes('/') && <Holder compiled={compiled} element={element} />}
      {element.type === 'panel' && <Arranging element={element} put={put} />}
    </Group>
  );
}

const STANDS = { x: ['start', 'centre', 'end'], y: ['top', 'middle', 'bottom'] } as const;

/** Words that stood at the point their box is held by still do when it is held by another. */
function lettered(project: Project, element: Element, way: Way, to: Axis): Partial<Element> {
  const from = element.place[way];
  if ((element.type !== 'text' && element.type !== 'spoken') || from.at === 'stretch' || to.at === 'stretch')
    return {};
  const { align, stand = 'top' } = textStyle(project, element.look);
  const now = way === 'x' ? align : stand;
  const [was, next] = [from, to].map((axis) => STANDS[way][Math.round(ownOf(axis) * 2)]!);
  return was === next || now !== was
    ? {}
    : { look: { ...element.look, [way === 'x' ? 'align' : 'stand']: next } };
}

/** A place whose sisters go by their own ids. */
function unpathed({ place }: Element, own: (id: Id) => Id): Element['place'] {
  const one = (axis: Element['place']['x']) =>
    axis.at !== 'stretch' && axis.to !== undefined ? { ...axis, to: own(axis.to) } : axis;
  return { x: one(place.x), y: one(place.y) };
}

/** What holds it: the screen, or another element. It stays where it is on screen. */
function Holder({ compiled, element }: { compiled: CompiledScreen; element: Element }) {
  const isIn = (id: Id): boolean => {
    for (let at: Id | null = id; at !== null; at = compiled.byId.get(at)?.parent ?? null)
      if (at === element.id) return true;
    return false;
  };
  const holders = compiled.screen.elements.filter(
    (each) => (each.type === 'panel' || each.type === 'tabs' || each.id === element.parent) && !isIn(each.id),
  );
  return (
    <ThingRow
      label="Inside of"
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

function Arranging({ element, put }: { element: Element & { type: 'panel' }; put: Put }) {
  const { arrange } = element;
  const change = (to: Partial<Arrange>): void => put({ arrange: { ...arrange!, ...to } });
  return (
    <>
      <SelectRow
        label="What it holds stands"
        value={arrange?.by ?? ''}
        options={[
          ['', 'where each says'],
          ['column', 'one under the other'],
          ['row', 'side by side'],
          ['grid', 'in a grid'],
        ]}
        onChange={(by: string) =>
          put({ arrange: by === '' ? undefined : { gap: 24, ...arrange, by: by as Arrange['by'] } })
        }
      />
      {arrange && (
        <>
          <div className="flex gap-1.5">
            <NumberField label="Between them" value={arrange.gap} onChange={(gap) => change({ gap })} />
            <NumberField
              label="Round them"
              value={arrange.pad ?? 0}
              least={0}
              onChange={(pad) => change({ pad: pad === 0 ? undefined : pad })}
            />
            {arrange.by === 'grid' && (
              <NumberField
                label="Columns"
                value={arrange.columns ?? 2}
                least={1}
                most={100}
                onChange={(columns) => change({ columns: Math.round(columns) })}
              />
            )}
          </div>
          {arrange.by !== 'grid' && (
            <>
              <Row label={arrange.by === 'row' ? 'Along the row' : 'Along the column'}>
                <Select
                  label="Along it"
                  value={arrange.along ?? 'start'}
                  options={[
                    ['start', 'from the start'],
                    ['centre', 'in the middle'],
                    ['end', 'at the end'],
                    ['spread', 'spread out'],
                  ]}
                  onChange={(along) => change({ along })}
                />
              </Row>
              <SelectRow
                label="Across it"
                value={arrange.across ?? 'start'}
                options={[
                  ['start', 'at the start'],
                  ['centre', 'in the middle'],
                  ['end', 'at the end'],
                  ['stretch', 'filling it'],
                ]}
                onChange={(across) => change({ across })}
              />
            </>
          )}
        </>
      )}
      <SelectRow
        label="What does not fit in"
        value={element.overflow ?? ''}
        options={[
          ['', 'is shown'],
          ['cut', 'is cut off'],
          ['scrolls', 'can be scrolled to'],
        ]}
        onChange={(overflow: string) => put({ overflow: overflow === '' ? undefined : overflow })}
      />
      <SelectRow
        label="The focus is led round"
        value={element.wraps ?? ''}
        options={[
          ['', 'as on the screen'],
          ['up and down', 'up and down in it'],
          ['left and right', 'left and right in it'],
          ['both', 'both ways in it'],
        ]}
        onChange={(wraps: string) => put({ wraps: wraps === '' ? undefined : wraps })}
      />
    </>
  );
}
