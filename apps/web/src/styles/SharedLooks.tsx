'use client';

import { readName, withId, type BoxStyle, type Project, type TextStyle } from '@tavu/core/model';
import { placesOf } from '@tavu/core/references';
import { inSkin, textStyle, tooltipLook } from '@tavu/core/style';
import { TOOLTIP_AFTER } from '@tavu/core/run';
import { Plus, Trash2 } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';
import { edit, useSkin, useStudio } from '../store';
import { DurationField } from '../motion';
import { Field, Group, NumberField, Button, IconButton, Sheet } from '../ui';
import { ColourField } from '../fields';
import { BoxLookFields } from './BoxLookFields';
import { changeColour, changeLook, resetLook, saidOf } from './skinned';
import { Skins } from './Skins';
import { StyleChoice, StyleSample } from './StyleChoice';
import { TextLookFields } from './TextLookFields';

/** The styles and colours that screens share: changed here, they change wherever they are used. */
export function SharedLooks() {
  const project = useStudio((studio) => studio.project);
  const skin = withId(project.skins, useSkin((state) => state.worn) ?? undefined);
  const { text, box, colours = [] } = inSkin(project, skin?.id ?? null).styles;
  const uses = useMemo(() => usesOf(project), [project]);
  return (
    <>
      <Skins />
      <Group title="Text styles">
        {text.map((style) => (
          <Style
            key={style.id}
            style={style}
            taken={text}
            used={uses.get(style.id) ?? 0}
            onName={(name) => edit('change text style', { style: style.id, change: { name } })}
            onDelete={text.length > 1 ? () => edit('delete text style', { style: style.id }) : undefined}
          >
            <TextLookFields
              look={style}
              exceptions={saidOf(skin, 'text', style.id)}
              onReset={(name) => resetLook('text', style.id, name)}
              onChange={(change, key) => changeLook('text', style.id, change, key)}
            />
          </Style>
        ))}
        <Button onClick={() => edit('add text style', { ...project.styles.text[0]!, name: 'Text style' })}>
          <Plus size={13} aria-hidden="true" /> Text style
        </Button>
      </Group>
      <Group title="Box styles">
        {box.map((style) => (
          <Style
            key={style.id}
            style={style}
            taken={box}
            used={uses.get(style.id) ?? 0}
            onName={(name) => edit('change box style', { style: style.id, change: { name } })}
            onDelete={box.length > 1 ? () => edit('delete box style', { style: style.id }) : undefined}
          >
            <BoxLookFields
              look={style}
              states
              exceptions={saidOf(skin, 'box', style.id)}
              onReset={(name) => resetLook('box', style.id, name)}
              onChange={(change, key) => changeLook('box', style.id, change, key)}
            />
          </Style>
        ))}
        <Button onClick={() => edit('add box style', { ...project.styles.box[0]!, name: 'Box style' })}>
          <Plus size={13} aria-hidden="true" /> Box style
        </Button>
      </Group>
      <Tooltips project={project} />
      <Group title="Colours">
        {colours.length === 0 && (
          <p className="text-sm text-soft">None yet. A colour kept by name changes everywhere at once.</p>
        )}
        {colours.map((colour) => (
          <div key={colour.id} className="flex items-end gap-1">
            <Field
              label="Name"
              hidden
              value={colour.name}
              className="min-w-0 flex-1"
              read={(typed) =>
                readName(
                  typed,
                  colours
                    .filter((namedColour) => namedColour !== colour)
                    .map((namedColour) => namedColour.name),
                )
              }
              onChange={(name) => edit('change colour', { colour: colour.id, change: { name } })}
            />
            <ColourField
              label={`Colour ${colour.name}`}
              value={colour.colour}
              onChange={(to) => {
                // A named colour cannot refer to another, so that none can refer to itself.
                if (to.startsWith('#')) changeColour(colour.id, to);
              }}
            />
            <IconButton
              name={`Delete ${colour.name}; what has it keeps how it looks`}
              onClick={() => edit('delete colour', { colour: colour.id })}
            >
              <Trash2 size={13} />
            </IconButton>
          </div>
        ))}
        <Button onClick={() => edit('add colour', { name: 'Colour', colour: '#f0c25a' })}>
          <Plus size={13} aria-hidden="true" /> Colour
        </Button>
      </Group>
    </>
  );
}

/** How tooltips look, wherever they are shown. */
function Tooltips({ project }: { project: Project }) {
  const { text, box, after } = tooltipLook(project);
  return (
    <Group title="Tooltips" unfolded={false}>
      <StyleChoice
        label="Text style"
        value={text.style}
        styles={project.styles.text}
        onChange={(style) => edit('change tooltips', { text: { ...text, style } })}
      />
      <NumberField
        label="Text size"
        value={text.size ?? textStyle(project, text).size}
        min={1}
        max={2000}
        onChange={(size) => edit('change tooltips', { text: { ...text, size } })}
      />
      <StyleChoice
        label="Box style"
        value={box.style}
        styles={project.styles.box}
        onChange={(style) => edit('change tooltips', { box: { style } })}
      />
      <DurationField
        label="Delay"
        value={after ?? TOOLTIP_AFTER}
        onChange={(to) => edit('change tooltips', { after: to })}
      />
      <p className="text-sm text-soft">The focus has to stay on an element for twice as long.</p>
    </Group>
  );
}

function Style({
  style,
  taken,
  used,
  onName,
  onDelete,
  children,
}: {
  style: TextStyle | BoxStyle;
  taken: readonly { id: string; name: string }[];
  used: number;
  onName: (name: string) => void;
  onDelete?: () => void;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      label={`Style ${style.name}`}
      width="w-84"
      open={open}
      onOpen={setOpen}
      trigger={
        <button
          type="button"
          className="flex w-full items-center gap-2 rounded p-0.5 text-left hover:bg-chosen-wash"
        >
          <StyleSample style={style} className="h-7 w-35 shrink-0" />
          <span className="min-w-0 flex-1 truncate" title={style.name}>
            {style.name}
          </span>
          <span className="shrink-0 text-sm text-soft">
            {used === 0 ? 'unused' : used === 1 ? 'once' : `${used} times`}
          </span>
        </button>
      }
    >
      <div className="max-h-[70vh] space-y-2 overflow-auto p-3">
        <div className="flex items-end gap-1">
          <Field
            label="Name"
            value={style.name}
            className="min-w-0 flex-1"
            read={(typed) =>
              readName(
                typed,
                taken.filter((item) => item.id !== style.id).map((item) => item.name),
              )
            }
            onChange={onName}
          />
          {onDelete && (
            <IconButton name={`Delete ${style.name}; what has it keeps how it looks`} onClick={onDelete}>
              <Trash2 size={14} />
            </IconButton>
          )}
        </div>
        {children}
      </div>
    </Sheet>
  );
}

/** How often each style is used, by its id. */
function usesOf(project: Project): ReadonlyMap<string, number> {
  const uses = new Map<string, number>();
  for (const place of placesOf(project, { only: ['id'] }))
    if (place.of === 'text style' || place.of === 'box style')
      uses.set(place.id, (uses.get(place.id) ?? 0) + 1);
  return uses;
}
