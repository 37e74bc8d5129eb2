'use client';

import { colourOf } from '@tavu/core/style';
import { type Colour, withId } from '@tavu/core/model';
import { Pipette, Plus } from 'lucide-react';
import { useState } from 'react';
import { edit, useStudio } from '../store';
import { Field, Button, IconButton, Sheet, Small } from '../ui';
import { pickColour } from './pick';

/** A colour: one of the project's by name, or one written or picked. Opacity is part of it. */
export function ColourField({
  label,
  value: given,
  onChange,
}: {
  label: string;
  /** Undefined where several things differ. */
  value: Colour | undefined;
  onChange: (value: Colour) => void;
}) {
  const value = given ?? '#808080';
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const [word, setWord] = useState('');
  const shown = colourOf(project, value);
  const named = withId(project.styles.colours, value);
  const opacity = shown.length === 9 ? Math.round((parseInt(shown.slice(7), 16) / 255) * 100) : 100;
  const said = given === undefined ? 'mixed' : (named?.name ?? shown);
  const withOpacity = (colour: Colour, percent: number): Colour =>
    percent >= 100
      ? colour.slice(0, 7)
      : colour.slice(0, 7) +
        Math.round((percent / 100) * 255)
          .toString(16)
          .padStart(2, '0');
  return (
    <div>
      <span className="mb-0.5 block text-sm text-soft">{label}</span>
      <Sheet
        label={label}
        open={open}
        onOpen={setOpen}
        trigger={
          <button
            type="button"
            aria-label={`${label}: ${said}`}
            title={said}
            className="flex h-7 max-w-32 items-center gap-1 rounded border border-line bg-sheet px-1 hover:bg-chosen-wash"
          >
            {given !== undefined && <Swatch colour={shown} />}
            <span className={`truncate text-sm ${given === undefined ? 'text-soft' : ''}`}>{said}</span>
          </button>
        }
      >
        <div className="space-y-2 p-3">
          <div className="flex items-end gap-1.5">
            <Field
              label="Colour"
              value={shown.slice(0, 7)}
              read={readColour}
              onChange={(colour) => onChange(withOpacity(colour, opacity))}
              className="min-w-0 flex-1"
            />
            <input
              type="color"
              aria-label={`${label}, from a palette`}
              value={shown.slice(0, 7)}
              className="h-7 w-9 cursor-pointer rounded border border-line bg-sheet"
              onChange={(event) => onChange(withOpacity(event.target.value, opacity))}
            />
            <IconButton
              name="Pick it off the screen"
              onClick={() => {
                setOpen(false);
                void pickColour().then((picked) => {
                  if (!picked) return;
                  onChange(withOpacity(picked.colour, opacity));
                  setWord(picked.word);
                  setOpen(picked.word !== '');
                });
              }}
            >
              <Pipette size={15} />
            </IconButton>
          </div>
          <label className="block">
            <span className="mb-0.5 block text-sm text-soft">Opacity, {opacity} %</span>
            <input
              type="range"
              min={0}
              max={100}
              value={opacity}
              className="w-full accent-chosen"
              onChange={(event) => onChange(withOpacity(shown, Number(event.target.value)))}
            />
          </label>
          {word !== '' && <p className="text-sm text-warn">{word}</p>}
          <div>
            <p className="mb-1 text-sm text-soft">The project’s colours</p>
            <div className="flex flex-wrap gap-1">
              {project.styles.colours?.map((colour) => (
                <Small
                  key={colour.id}
                  aria-pressed={colour.id === value}
                  className={colour.id === value ? 'border-chosen font-bold' : ''}
                  onClick={() => onChange(colour.id)}
                >
                  <span className="flex items-center gap-1">
                    <Swatch colour={colourOf(project, colour.colour)} /> {colour.name}
                  </span>
                </Small>
              ))}
              {!named && (
                <Button
                  onClick={() => {
                    const made = edit('add colour', { name: nameOf(shown), colour: shown });
                    if (made) onChange(made);
                  }}
                >
                  <Plus size={13} aria-hidden="true" /> Add to the project’s colours
                </Button>
              )}
            </div>
          </div>
        </div>
      </Sheet>
    </div>
  );
}

export function Swatch({ colour }: { colour: Colour }) {
  return (
    <span
      aria-hidden="true"
      className="size-4 shrink-0 rounded-[3px] border border-strong"
      style={{
        backgroundImage: `linear-gradient(${colour}, ${colour}), conic-gradient(#888 25%, #eee 0 50%, #888 0 75%, #eee 0)`,
        backgroundSize: 'auto, 8px 8px',
      }}
    />
  );
}

export function readColour(text: string): { ok: string } | { error: string } {
  const typed = text.trim().toLowerCase().replace(/^#/, '');
  if (/^[0-9a-f]{3}$/.test(typed)) return { ok: `#${[...typed].map((value) => value + value).join('')}` };
  if (/^[0-9a-f]{6}$/.test(typed)) return { ok: `#${typed}` };
  return { error: 'Write a colour as six hexadecimal digits, such as #16324d.' };
}

/** A first name for a colour, by its lightness and hue. */
function nameOf(colour: Colour): string {
  const [r, g, b] = [1, 3, 5].map((i) => parseInt(colour.slice(i, i + 2), 16) / 255) as [
    number,
    number,
    number,
  ];
  const [max, min] = [Math.max(r, g, b), Math.min(r, g, b)];
  const light = (max + min) / 2;
  const shade = light < 0.3 ? 'Dark' : light > 0.7 ? 'Light' : 'Middle';
  if (max - min < 0.08) return `${shade} grey`;
  const hue =
    (max === r
      ? ((g - b) / (max - min) + 6) % 6
      : max === g
        ? (b - r) / (max - min) + 2
        : (r - g) / (max - min) + 4) * 60;
  const names = [
    'red',
    'orange',
    'yellow',
    'green',
    'green',
    'green',
    'teal',
    'blue',
    'blue',
    'violet',
    'pink',
    'red',
  ];
  return `${shade} ${names[Math.floor(hue / 30) % 12]}`;
}
