'use client';

import { lean, PARTS, type Element, type PartName, type PartUse } from '@tavu/core/model';
import { Plus } from 'lucide-react';
import { useStudio } from '../store';
import { Button, Group, NumberField, Small } from '../ui';
import type { Put } from '../fields';
import { Boxed } from './Boxed';
import { PART_WORDS } from './partWords';

type WithParts = Extract<Element, { type: keyof typeof PARTS }>;

/** How the parts of a control look, each by a style, picture and size of its own or as the control draws it. */
export function ControlParts({ element, put }: { element: WithParts; put: Put }) {
  const box = useStudio((studio) => studio.project.styles.box);
  const parts: Partial<Record<PartName, PartUse>> = element.parts ?? {};
  const names: readonly PartName[] = PARTS[element.type];
  const write = (name: PartName, use: PartUse | undefined, key?: string): void => {
    const next = lean({ ...parts, [name]: use });
    put({ parts: Object.keys(next).length > 0 ? next : undefined }, key && `${name} ${key}`);
  };
  const missing = names.filter((name) => !parts[name]);
  const plain = box.find(({ id }) => id === 'b-panel') ?? box[0];
  return (
    <>
      {names.map((name) => {
        const use = parts[name];
        return (
          use && (
            <Boxed
              key={name}
              title={PART_WORDS[name]}
              label={`Style of ${name === 'row' ? 'each row' : `the ${PART_WORDS[name].toLowerCase()}`}`}
              use={use}
              states={!STATELESS.has(name)}
              onChange={(to, key) => write(name, to, key)}
            >
              <div className="flex items-end gap-1.5">
                {SIZED[name].map((side) => (
                  <Size key={side} side={side} use={use} onChange={(to) => write(name, to)} />
                ))}
                <Small onClick={() => write(name, undefined)}>As the control draws it</Small>
              </div>
            </Boxed>
          )
        );
      })}
      {missing.length > 0 && plain && (
        <Group title="Parts" unfolded={false}>
          <p className="text-sm text-soft">
            Drawn plainly, in one of its own colours, until they have a look of their own.
          </p>
          <div className="flex flex-wrap gap-1.5">
            {missing.map((name) => (
              <Button key={name} onClick={() => write(name, { style: plain.id, ...FRESH[name] })}>
                <Plus size={13} aria-hidden="true" /> {PART_WORDS[name]}
              </Button>
            ))}
          </div>
        </Group>
      )}
    </>
  );
}

/** Empty: as large as its picture, or as the control has it. */
function Size({
  side,
  use,
  onChange,
}: {
  side: 'width' | 'height';
  use: PartUse;
  onChange: (use: PartUse) => void;
}) {
  const assets = useStudio((studio) => studio.project.assets);
  const own = use[side];
  const natural = assets.find(({ id }) => typeof use.picture === 'object' && id === use.picture.asset)?.[
    side
  ];
  const label = side === 'width' ? 'Width' : 'Height';
  if (own === undefined)
    return (
      <Small onClick={() => onChange({ ...use, [side]: Math.round(natural ?? 24) })}>{`Set ${side}`}</Small>
    );
  return (
    <NumberField
      label={label}
      unit="px"
      value={own}
      min={0}
      max={4000}
      onChange={(to) => onChange({ ...use, [side]: to })}
      className="w-18"
    />
  );
}

/** Parts that look the same in every state of what they belong to. */
const STATELESS: ReadonlySet<PartName> = new Set(['scrollTrack', 'scrollThumb']);

/** Which of their sizes are theirs; the others are as the control has them. */
const SIZED: Record<PartName, readonly ('width' | 'height')[]> = {
  scrollTrack: ['width'],
  scrollThumb: ['width', 'height'],
  track: ['width', 'height'],
  filled: ['height'],
  thumb: ['width', 'height'],
  knob: ['width', 'height'],
  left: ['width', 'height'],
  right: ['width', 'height'],
  strip: ['width', 'height'],
  mark: ['width', 'height'],
  row: ['height'],
  selection: ['height'],
  caret: ['width', 'height'],
};

/** So that it is seen at once, whatever the style is like. */
const FRESH: Record<PartName, Partial<PartUse>> = {
  scrollTrack: { width: 16, corner: 8 },
  scrollThumb: { width: 16, corner: 8, fill: '#f0c25a', borderWidth: 0 },
  track: { height: 16, corner: 8 },
  filled: { height: 16, corner: 8, fill: '#f0c25a', borderWidth: 0 },
  thumb: { width: 36, height: 36, corner: 18, fill: '#f3ead7' },
  knob: { width: 36, height: 36, corner: 18, fill: '#f3ead7' },
  left: { width: 28, height: 28, corner: 14 },
  right: { width: 28, height: 28, corner: 14 },
  strip: {},
  mark: { height: 6, corner: 3, fill: '#f0c25a', borderWidth: 0 },
  row: { corner: 8 },
  selection: { fill: '#f0c25a', borderWidth: 0 },
  caret: { width: 6, fill: '#f0c25a', borderWidth: 0 },
};
