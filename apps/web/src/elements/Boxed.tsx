'use client';

import { type BoxLook, type BoxUse, withId, lean } from '@tavu/core/model';
import { boxStyle } from '@tavu/core/style';
import { edit, useStudio } from '../store';
import { BoxLookFields, Exceptions, Shared, StyleChoice, without } from '../styles';
import { Group } from '../ui';
import type { Put } from '../fields';

export function Boxed({
  title,
  part,
  use,
  states,
  put,
}: {
  title: string;
  part: 'box' | 'bar';
  use: BoxUse;
  states: boolean;
  put: Put;
}) {
  const project = useStudio((studio) => studio.project);
  const { style, ...own } = use;
  const shared = withId(project.styles.box, style);
  const write = (change: Partial<BoxLook>, key?: string): void =>
    put({ [part]: lean({ ...use, ...change }) }, key && `${part} ${key}`);
  const differs = Object.keys(own).length > 0;
  return (
    <Group title={title} extra={<Shared differs={differs} />}>
      <StyleChoice
        label={part === 'box' ? 'Box style' : 'Style of the bar'}
        value={style}
        styles={project.styles.box}
        onChange={(to) => put({ [part]: { ...use, style: to } })}
      />
      <BoxLookFields
        look={boxStyle(project, use)}
        states={states}
        exceptions={new Set(Object.keys(own))}
        onChange={write}
        onReset={(name) => put({ [part]: without(use, name) })}
      />
      {differs && (
        <Exceptions
          onReset={() => put({ [part]: { style } })}
          onShare={() => {
            edit('change box style', { style, change: own });
            put({ [part]: { style } });
          }}
          onNew={(name) => {
            const { id: _, name: __, ...whole } = { id: '', name: '', ...boxStyle(project, use) };
            const made = edit('add box style', { ...whole, name });
            if (made) put({ [part]: { style: made } });
          }}
          of={shared?.name ?? 'Style'}
        />
      )}
    </Group>
  );
}
