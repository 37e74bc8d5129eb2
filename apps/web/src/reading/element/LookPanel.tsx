'use client';

import { isUsed } from '@tavu/core/focus';
import {
  BLENDS,
  type BoxLook,
  type BoxUse,
  type Element,
  type TextLook,
  type TextUse,
} from '@tavu/core/model';
import { boxStyle, textStyle } from '@tavu/core/style';
import { edit, useStudio } from '../../studio/store';
import { BoxLookFields } from '../../looks/BoxLookFields';
import { Pick } from '../../looks/parts';
import { TextLookFields } from '../../looks/TextLookFields';
import { Group } from '../../ui/Group';
import { NumberField } from '../../ui/NumberField';
import { Small } from '../../ui/parts';
import { SelectRow } from '../../ui/Row';
import type { Put } from './change';

/** How an element looks: its shared styles, and this place's exceptions from them. */
export function LookPanel({ element, put }: { element: Element; put: Put }) {
  return (
    <>
      {'look' in element && <Lettering element={element} put={put} />}
      {'box' in element && (
        <Boxed title="Box" part="box" use={element.box} states={isUsed(element)} put={put} />
      )}
      {element.type === 'progress' && (
        <Boxed title="The part that is done" part="bar" use={element.bar} states={false} put={put} />
      )}
      <Group title="See-through">
        <div className="flex items-end gap-1.5">
          <NumberField
            label="Opacity, percent"
            value={(element.opacity ?? 1) * 100}
            least={0}
            most={100}
            onChange={(percent) => put({ opacity: percent === 100 ? undefined : percent / 100 })}
            className="w-28"
          />
          <Pick
            label="Over what is beneath"
            value={element.blend ?? 'normal'}
            options={BLENDS.map((blend) => [blend, BLEND_WORDS[blend]] as const)}
            onChange={(blend) => put({ blend: blend === 'normal' ? undefined : blend })}
          />
        </div>
      </Group>
    </>
  );
}

const BLEND_WORDS: Record<(typeof BLENDS)[number], string> = {
  normal: 'as it is',
  multiply: 'darkening, multiplied',
  screen: 'brightening, screened',
  overlay: 'overlay',
  darken: 'the darker',
  lighten: 'the lighter',
  difference: 'the difference',
};

function Lettering({ element, put }: { element: Element & { look: TextUse }; put: Put }) {
  const project = useStudio((studio) => studio.project);
  const { look } = element;
  const { style, ...own } = look;
  const shared = project.styles.text.find((each) => each.id === style);
  const write = (change: Partial<TextLook>, key?: string): void =>
    put({ look: lean({ ...look, ...change }) }, key && `look ${key}`);
  const differs = Object.keys(own).length > 0;
  return (
    <Group title="Lettering" extra={<Shared differs={differs} />}>
      <SelectRow
        label="Text style"
        value={style}
        options={project.styles.text.map((each): [string, string] => [each.id, each.name])}
        onChange={(to: string) => put({ look: { ...look, style: to } })}
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

function Boxed({
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
  const shared = project.styles.box.find((each) => each.id === style);
  const write = (change: Partial<BoxLook>, key?: string): void =>
    put({ [part]: lean({ ...use, ...change }) }, key && `${part} ${key}`);
  const differs = Object.keys(own).length > 0;
  return (
    <Group title={title} extra={<Shared differs={differs} />}>
      <SelectRow
        label="Box style"
        value={style}
        options={project.styles.box.map((each): [string, string] => [each.id, each.name])}
        onChange={(to: string) => put({ [part]: { ...use, style: to } })}
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

function Shared({ differs }: { differs: boolean }) {
  return differs ? <span className="text-sm text-live">with exceptions</span> : null;
}

/** What to do with exceptions: drop them, make them the style's, or a style of their own. */
function Exceptions({
  of,
  onReset,
  onShare,
  onNew,
}: {
  of: string;
  onReset: () => void;
  onShare: () => void;
  onNew: (name: string) => void;
}) {
  return (
    <div className="flex flex-wrap gap-1">
      <Small onClick={onReset}>As the style</Small>
      <Small onClick={onShare}>Make this the style, everywhere</Small>
      <Small onClick={() => onNew(`${of} too`)}>A style of its own</Small>
    </div>
  );
}

const without = <T extends object>(use: T, name: string): T =>
  Object.fromEntries(Object.entries(use).filter(([key]) => key !== name)) as T;

/** What was set to nothing is no exception any more. */
const lean = <T extends object>(use: T): T =>
  Object.fromEntries(Object.entries(use).filter(([, each]) => each !== undefined)) as T;
