'use client';

import {
  linksFrom,
  readName,
  type Axis,
  type Element,
  type Length,
  type Screen,
  type TextLook,
} from '@tavu/core/model';
import { moveAxis, OWN, solveAxis } from '@tavu/core/layout';
import { boxLook, textLook } from '@tavu/core/paint';
import { useState } from 'react';
import { choose, edit, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Button } from '../ui/parts';
import { readLength, readNumber, stepLength } from './numbers';
import { Select } from './ScreenPanel';
import { Sentence } from './Sentence';

/** An element's words, place and look. */
export function ElementPanel({ screen, element }: { screen: Screen; element: Element }) {
  const project = useStudio((studio) => studio.project);
  const flow = useStudio((studio) => studio.flow);
  const put = (change: Partial<Element>, key?: string): void =>
    void edit('change element', { screen: screen.id, element: element.id, change }, { key });
  const others = screen.elements.filter((each) => each.id !== element.id).map((each) => each.name);
  const layout = flow.screens.get(screen.id)!.layout;
  const room = (element.parent && layout.get(element.parent)) || project.design;
  const links = linksFrom(project, screen.id).filter(
    (link) => link.cue.on === 'press' && link.cue.element === element.id,
  );
  return (
    <>
      <section aria-label="Element" className="space-y-2">
        <Field
          label="Name"
          value={element.name}
          read={(text) => readName(text, others)}
          onChange={(name) => put({ name })}
        />
        {'text' in element && (
          <Words text={element.text} onChange={(text) => put({ text }, `text ${element.id}`)} />
        )}
        {element.type === 'picture' && (
          <div className="flex items-center justify-between">
            <span className="text-soft">Picture</span>
            <Select
              label="Picture"
              value={element.asset ?? ''}
              options={[
                ['', 'none yet'],
                ...project.assets.map((asset): [string, string] => [asset.id, asset.name]),
              ]}
              onChange={(id: string) => put({ asset: id === '' ? null : id })}
            />
          </div>
        )}
      </section>
      {links.length > 0 && (
        <section aria-label="What pressing it does">
          <h3 className="mb-1 font-bold">Pressing it</h3>
          <ol>
            {links.map((link) => (
              <Sentence key={link.id} link={link} first last />
            ))}
          </ol>
        </section>
      )}
      <section aria-label="Place" className="space-y-2">
        <h3 className="font-bold">Place</h3>
        <AxisFields
          names={['Left', 'Right', 'Width']}
          axis={element.place.x}
          room={room.width}
          onChange={(x) => put({ place: { ...element.place, x } })}
        />
        <AxisFields
          names={['Top', 'Bottom', 'Height']}
          axis={element.place.y}
          room={room.height}
          onChange={(y) => put({ place: { ...element.place, y } })}
        />
      </section>
      <Look element={element} put={put} />
      <Button
        look="danger"
        onClick={() => {
          edit('delete elements', { screen: screen.id, elements: [element.id] });
          choose({ element: null });
        }}
      >
        Take it off the screen
      </Button>
    </>
  );
}

function Words({ text, onChange }: { text: string; onChange: (text: string) => void }) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-sm text-soft">Words on it</span>
      <textarea
        value={text}
        maxLength={10_000}
        rows={Math.min(6, text.split('\n').length + Math.floor(text.length / 36))}
        className="w-full resize-y rounded border border-line bg-sheet px-1.5 py-1"
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}

const SPOTS = [
  ['start', 0],
  ['centre', 1],
  ['end', 2],
  ['stretch', 3],
] as const;

/** One axis: what it keeps its distance from, how far, how large, and by which point of its own. */
function AxisFields({
  names: [startName, endName, sizeName],
  axis,
  room,
  onChange,
}: {
  names: [string, string, string];
  axis: Axis;
  room: number;
  onChange: (axis: Axis) => void;
}) {
  const words = {
    start: `from the ${startName.toLowerCase()}`,
    centre: 'from the middle',
    end: `from the ${endName.toLowerCase()}`,
    stretch: 'stretched',
  };
  const field = (label: string, value: Length, put: (length: Length) => void) => (
    <Field
      label={label}
      value={String(value)}
      read={(text) => readLength(text, room)}
      step={stepLength}
      onChange={put}
      className="min-w-0 flex-1"
    />
  );
  return (
    <div className="rounded border border-line p-2">
      <div className="mb-1 flex items-center justify-between">
        <span className="font-semibold">{sizeName === 'Width' ? 'Across' : 'Down'}</span>
        <Select
          label={`${sizeName === 'Width' ? 'Across' : 'Down'}: kept`}
          value={axis.at}
          options={SPOTS.map(([at]) => [at, words[at]] as const)}
          onChange={(at: Axis['at']) => onChange(anchored(axis, at, room))}
        />
      </div>
      <div className="flex gap-1.5">
        {field(axis.at === 'stretch' ? startName : 'Distance', axis.offset, (offset) =>
          onChange({ ...axis, offset }),
        )}
        {axis.at === 'stretch'
          ? field(endName, axis.far, (far) => onChange({ ...axis, far }))
          : field(sizeName, axis.size, (size) => onChange({ ...axis, size }))}
        {axis.at !== 'stretch' && (
          <label className="min-w-0 flex-1">
            <span className="mb-0.5 block text-sm text-soft">By its</span>
            <select
              value={axis.own ?? OWN[axis.at]}
              className="h-7 w-full rounded border border-line bg-sheet"
              onChange={(event) => onChange(heldBy(axis, Number(event.target.value), room))}
            >
              <option value={0}>{startName.toLowerCase()}</option>
              <option value={0.5}>middle</option>
              <option value={1}>{endName.toLowerCase()}</option>
            </select>
          </label>
        )}
      </div>
    </div>
  );
}

/** The same place on screen, kept by another anchor. */
function anchored(axis: Axis, at: Axis['at'], room: number): Axis {
  const { start, size } = solveAxis(axis, room);
  const round = (n: number): number => Math.round(n * 100) / 100;
  if (at === 'stretch') return { at, offset: round(start), far: round(room - start - size) };
  const kept = axis.at === 'stretch' ? round(size) : axis.size;
  const own = OWN[at];
  const point = start + own * size;
  const offset = at === 'start' ? point : at === 'centre' ? point - room / 2 : room - point;
  return { at, offset: round(offset), size: kept };
}

/** The same place on screen, measured to another point of the element. */
function heldBy(axis: Exclude<Axis, { at: 'stretch' }>, own: number, room: number): Axis {
  const before = solveAxis(axis, room).start;
  const next: Axis = { ...axis, own };
  return moveAxis(next, before - solveAxis(next, room).start, room);
}

function Look({ element, put }: { element: Element; put: (change: Partial<Element>, key?: string) => void }) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(true);
  return (
    <section aria-label="Look" className="space-y-2">
      <h3 className="font-bold">
        <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
          Look {open ? '' : '…'}
        </button>
      </h3>
      {open && (
        <>
          {'look' in element && (
            <TextFields
              look={textLook(project, element.look)}
              style={element.look.style}
              styles={project.styles.text.map((style) => [style.id, style.name])}
              own={Object.keys(element.look).length > 1}
              onStyle={(style) => put({ look: { ...element.look, style } } as Partial<Element>)}
              onReset={() => put({ look: { style: element.look.style } } as Partial<Element>)}
              onChange={(change) => put({ look: { ...element.look, ...change } } as Partial<Element>)}
            />
          )}
          {'box' in element && (
            <div className="flex items-end gap-2">
              <Colour
                label="Fill"
                value={boxLook(project, element.box).fill}
                onChange={(fill) =>
                  put({ box: { ...element.box, fill } } as Partial<Element>, `fill ${element.id}`)
                }
              />
              <Colour
                label="Border"
                value={boxLook(project, element.box).border}
                onChange={(border) =>
                  put({ box: { ...element.box, border } } as Partial<Element>, `border ${element.id}`)
                }
              />
              <Field
                label="Corner"
                value={String(boxLook(project, element.box).corner)}
                read={(text) => readNumber(text, 0, 2000)}
                onChange={(corner) => put({ box: { ...element.box, corner } } as Partial<Element>)}
                className="w-16"
              />
              {Object.keys(element.box).length > 1 && (
                <Button onClick={() => put({ box: { style: element.box.style } } as Partial<Element>)}>
                  As the style
                </Button>
              )}
            </div>
          )}
          <Field
            label="Opacity, percent"
            value={String(Math.round((element.opacity ?? 1) * 100))}
            read={(text) => readNumber(text.replace(/\s*%$/, ''), 0, 100)}
            onChange={(percent) => put({ opacity: percent === 100 ? undefined : percent / 100 })}
            className="w-32"
          />
        </>
      )}
    </section>
  );
}

function TextFields({
  look,
  style,
  styles,
  own,
  onStyle,
  onReset,
  onChange,
}: {
  look: TextLook;
  style: string;
  styles: [string, string][];
  own: boolean;
  onStyle: (style: string) => void;
  onReset: () => void;
  onChange: (change: Partial<TextLook>) => void;
}) {
  return (
    <>
      <div className="flex items-center justify-between">
        <span className="text-soft">Text style{own && ', with exceptions'}</span>
        <Select label="Text style" value={style} options={styles} onChange={onStyle} />
      </div>
      <div className="flex items-end gap-2">
        <Field
          label="Size"
          value={String(look.size)}
          read={(text) => readNumber(text, 1, 2000)}
          onChange={(size) => onChange({ size })}
          className="w-16"
        />
        <Colour label="Colour" value={look.colour} onChange={(colour) => onChange({ colour })} />
        <Select
          label="Text stands"
          value={look.align}
          options={[
            ['start', 'at the left'],
            ['centre', 'in the middle'],
            ['end', 'at the right'],
          ]}
          onChange={(align) => onChange({ align })}
        />
        {own && <Button onClick={onReset}>As the style</Button>}
      </div>
    </>
  );
}

function Colour({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-sm text-soft">{label}</span>
      <input
        type="color"
        value={value.slice(0, 7)}
        className="h-7 w-10 cursor-pointer rounded border border-line bg-sheet"
        onChange={(event) => onChange(event.target.value + value.slice(7))}
      />
    </label>
  );
}
