'use client';

import { type BoxLook, type BoxUse, withId, lean } from '@tavu/core/model';
import { boxStyle } from '@tavu/core/style';
import type { ReactNode } from 'react';
import { edit, useStudio } from '../store';
import { BoxLookFields, Exceptions, Shared, StyleChoice, without } from '../styles';
import { Group } from '../ui';

/** What a part has besides its look. */
const SIZE: ReadonlySet<string> = new Set(['width', 'height']);

/** How a box looks: its shared style, and this place's exceptions from it. */
export function Boxed<Use extends BoxUse>({
  title,
  label,
  use,
  states,
  unfolded,
  children,
  onChange,
}: {
  title: string;
  /** What its style is called. */
  label: string;
  use: Use;
  states: boolean;
  unfolded?: boolean;
  /** Beneath its style. */
  children?: ReactNode;
  /** Changes with the same key, one after another, are one step. */
  onChange: (use: Use, key?: string) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const { style, ...rest } = use;
  const own: Partial<BoxLook> = Object.fromEntries(Object.entries(rest).filter(([name]) => !SIZE.has(name)));
  const shared = withId(project.styles.box, style);
  const write = (change: Partial<BoxLook>, key?: string): void => onChange(lean({ ...use, ...change }), key);
  const bare = Object.fromEntries(
    Object.entries(use).filter(([name]) => name === 'style' || SIZE.has(name)),
  ) as Use;
  const differs = Object.keys(own).length > 0;
  return (
    <Group title={title} extra={<Shared differs={differs} />} unfolded={unfolded}>
      <StyleChoice
        label={label}
        value={style}
        styles={project.styles.box}
        onChange={(to) => onChange({ ...use, style: to })}
      />
      {children}
      <BoxLookFields
        look={boxStyle(project, use)}
        states={states}
        exceptions={new Set(Object.keys(own))}
        onChange={write}
        onReset={(name) => onChange(without(use, name))}
      />
      {differs && (
        <Exceptions
          onReset={() => onChange(bare)}
          onShare={() => {
            edit('change box style', { style, change: own });
            onChange(bare);
          }}
          onNew={(name) => {
            const { id: _, name: __, ...whole } = { id: '', name: '', ...boxStyle(project, use) };
            const made = edit('add box style', { ...whole, name });
            if (made) onChange({ ...bare, style: made });
          }}
          of={shared?.name ?? 'Style'}
        />
      )}
    </Group>
  );
}
