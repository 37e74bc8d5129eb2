'use client';

import type { Element, TextLook } from '@tavu/core/model';
import { boxLook, textLook } from '@tavu/core/paint';
import { useState } from 'react';
import { useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Button } from '../ui/parts';
import { readNumber } from './numbers';
import { Select } from '../ui/Row';

/** How an element looks: its shared style, and this place's exceptions from it. */
export function ElementLook({
  element,
  put,
}: {
  element: Element;
  put: (change: Partial<Element>, key?: string) => void;
}) {
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
