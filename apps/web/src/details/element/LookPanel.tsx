'use client';

import { isUsed } from '@tavu/core/focus';
import { BLENDS, type Element, type TextLook, type TextUse, withId, lean } from '@tavu/core/model';
import { textStyle } from '@tavu/core/style';
import { edit, useStudio } from '../../store';
import { Pick, TextLookFields, Exceptions, Shared, StyleChoice, without } from '../../styles';
import { Group, NumberField } from '../../ui';
import type { Put } from '../../fields';
import { Boxed, settingsOf } from '../../elements';
import { WholePanel } from './WholePanel';

/** How an element looks: its shared styles, and this place's exceptions from them. */
export function LookPanel({ element, put }: { element: Element; put: Put }) {
  const { Parts } = settingsOf(element);
  return (
    <>
      {'look' in element && <Typography element={element} put={put} />}
      {'box' in element && (
        <Boxed
          title="Box"
          label="Box style"
          use={element.box}
          states={isUsed(element)}
          onChange={(box, key) => put({ box }, key && `box ${key}`)}
        />
      )}
      {Parts && <Parts element={element} put={put} />}
      <Group title="Opacity" unfolded={element.opacity !== undefined || element.blend !== undefined}>
        <div className="flex items-end gap-1.5">
          <NumberField
            label="Opacity"
            unit="%"
            value={(element.opacity ?? 1) * 100}
            min={0}
            max={100}
            onChange={(percent) => put({ opacity: percent === 100 ? undefined : percent / 100 })}
            className="w-28"
          />
          <Pick
            label="Blend mode"
            value={element.blend ?? 'normal'}
            options={BLENDS.map((blend) => [blend, blend] as const)}
            onChange={(blend) => put({ blend: blend === 'normal' ? undefined : blend })}
          />
        </div>
      </Group>
      <WholePanel element={element} put={put} />
    </>
  );
}

function Typography({ element, put }: { element: Element & { look: TextUse }; put: Put }) {
  const project = useStudio((studio) => studio.project);
  const { look } = element;
  const { style, ...own } = look;
  const shared = withId(project.styles.text, style);
  const write = (change: Partial<TextLook>, key?: string): void =>
    put({ look: lean({ ...look, ...change }) }, key && `look ${key}`);
  const differs = Object.keys(own).length > 0;
  return (
    <Group title="Typography" extra={<Shared differs={differs} />}>
      <StyleChoice
        label="Text style"
        value={style}
        styles={project.styles.text}
        onChange={(to) => put({ look: { ...look, style: to } })}
      />
      <TextLookFields
        look={textStyle(project, look)}
        exceptions={new Set(Object.keys(own))}
        onChange={write}
        onReset={(name) => put({ look: without(look, name) })}
      />
      {differs && (
        <Exceptions
          onReset={() => put({ look: { style } })}
          onShare={() => {
            edit('change text style', { style, change: own });
            put({ look: { style } });
          }}
          onNew={(name) => {
            const { id: _, name: __, ...whole } = { id: '', name: '', ...textStyle(project, look) };
            const made = edit('add text style', { ...whole, name });
            if (made) put({ look: { style: made } });
          }}
          of={shared?.name ?? 'Style'}
        />
      )}
    </Group>
  );
}
