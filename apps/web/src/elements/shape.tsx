'use client';

import { linesOf, outlineOf } from '@tavu/core/drawing';
import { readOutline } from '@tavu/core/exchange';
import type { ShapeForm, ShapeLine } from '@tavu/core/model';
import { refusalWords } from '@tavu/core/refusal';
import { askFiles } from '../assets';
import { notify } from '../store';
import { Button, NumberField, SelectRow } from '../ui';
import { ArcFields } from './ArcFields';
import { CutHeld } from './CutHeld';
import { PointRows } from './PointRows';
import type { FieldsOf, Settings } from './settings';

type Way = ShapeForm['is'] | 'line';

const LINE: ShapeLine = {
  points: [
    { x: 0, y: 0.5 },
    { x: 1, y: 0.5 },
  ],
  open: true,
};
const FRESH: Record<Exclude<Way, 'path'>, ShapeForm> = {
  line: { is: 'path', lines: [LINE] },
  polygon: { is: 'polygon', corners: 6 },
  star: { is: 'star', corners: 5, inner: 0.5 },
  arc: { is: 'arc', start: -120, sweep: 240, width: 40 },
};

function Fields({ element, put }: FieldsOf<'shape'>) {
  const { form } = element;
  const way: Way = form.is === 'path' && isLine(form.lines) ? 'line' : form.is;
  const change = (to: Partial<ShapeForm>): void => put({ form: { ...form, ...to } }, 'form');
  return (
    <>
      <SelectRow<Way>
        label="Form"
        value={way}
        options={[
          ['polygon', 'polygon'],
          ['star', 'star'],
          ['arc', 'arc'],
          ['line', 'line'],
          ['path', 'drawn by points'],
        ]}
        onChange={(to) => put({ form: to === 'path' ? pointsOf(form) : FRESH[to] })}
      />
      {(form.is === 'polygon' || form.is === 'star') && (
        <div className="flex gap-1.5">
          <NumberField
            label={form.is === 'star' ? 'Points' : 'Corners'}
            value={form.corners}
            min={3}
            max={100}
            onChange={(corners) => change({ corners: Math.round(corners) })}
          />
          {form.is === 'star' && (
            <NumberField
              label="Inner size"
              unit="%"
              value={form.inner * 100}
              min={0}
              max={100}
              onChange={(percent) => change({ inner: percent / 100 })}
            />
          )}
        </div>
      )}
      {form.is === 'arc' && <ArcFields arc={form} onChange={change} />}
      {form.is === 'path' && (
        <PointRows lines={form.lines} onChange={(lines, key) => put({ form: { is: 'path', lines } }, key)} />
      )}
      <Button onClick={() => void fromDrawing(element, put)}>Take the outline of an SVG file</Button>
    </>
  );
}

const isLine = ([first, ...more]: readonly ShapeLine[]): boolean =>
  more.length === 0 && first?.open === true && first.points.length === 2;

/** The same shape by its points. */
function pointsOf(form: ShapeForm): ShapeForm {
  if (form.is !== 'arc') return { is: 'path', lines: [...linesOf(form)] };
  const d = outlineOf(form, { x: 0, y: 0, width: 240, height: 240 }, 0);
  const read = readOutline(`<svg><path d="${d}"/></svg>`);
  return 'lines' in read ? { is: 'path', lines: read.lines } : form;
}

/** Reads a file; the shape keeps its width and takes the drawing’s proportions. */
async function fromDrawing(
  element: FieldsOf<'shape'>['element'],
  put: FieldsOf<'shape'>['put'],
): Promise<void> {
  const [file] = await askFiles('.svg,image/svg+xml', false);
  if (!file) return;
  const read = readOutline(await file.text());
  if (!('lines' in read)) return notify(`${file.name} was not taken: ${refusalWords(read)}`);
  const { x, y } = element.place;
  const form = { is: 'path', lines: read.lines };
  if (x.at === 'stretch' || y.at === 'stretch' || typeof x.size !== 'number') return put({ form });
  const size = Math.max(1, Math.round((x.size * read.height) / read.width));
  put({ form, place: { x, y: { ...y, size } } });
}

export const shape: Settings<'shape'> = { Fields, Holding: CutHeld };
