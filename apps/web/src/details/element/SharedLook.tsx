'use client';

import {
  BLENDS,
  lean,
  type BoxLook,
  type BoxUse,
  type Element,
  type Id,
  type TextLook,
  type TextUse,
} from '@tavu/core/model';
import { boxStyle, textStyle } from '@tavu/core/style';
import type { Reached } from '../../canvas';
import { ColourField } from '../../fields';
import { edit, useStudio, useView } from '../../store';
import { Pick, StyleChoice } from '../../styles';
import { Group } from '../../ui';
import { MIXED, sharedBy } from '../shared';
import { SharedNumber } from './SharedNumber';

/** Change one thing of each of several, as one step; edits with the same key join. */
type PutAll = (
  change: (element: Element) => Partial<Element> & Record<string, unknown>,
  key?: string,
) => void;

/** How several elements look: what they share, and blank where they differ. What is set is set on all of them. */
export function SharedLook({ screen, reached }: { screen: Id; reached: readonly Reached[] }) {
  const put: PutAll = (change, key) =>
    void edit(
      'change elements',
      {
        screen,
        changes: reached.map(({ path, element }) => ({
          element: path,
          change: change(element) as Partial<Element>,
          here: useView.getState().here,
        })),
      },
      { key: key && `several ${key}` },
    );
  const elements = reached.map(({ element }) => element);
  const lettered = elements.filter((element) => 'look' in element);
  const boxed = elements.filter((element) => 'box' in element);
  return (
    <>
      {lettered.length === elements.length && <Letters elements={lettered} put={put} />}
      {boxed.length === elements.length && <Boxes elements={boxed} put={put} />}
      <Group title="Opacity">
        <div className="flex items-end gap-1.5">
          <SharedNumber
            className="w-20"
            label="Opacity"
            unit="%"
            value={sharedBy(elements, ({ opacity = 1 }) => opacity * 100)}
            min={0}
            max={100}
            onChange={(percent) => put(() => ({ opacity: percent === 100 ? undefined : percent / 100 }))}
          />
          <SharedPick
            label="Blend mode"
            value={sharedBy(elements, ({ blend = 'normal' }) => blend)}
            options={BLENDS.map((blend) => [blend, blend] as const)}
            onChange={(blend) => put(() => ({ blend: blend === 'normal' ? undefined : blend }))}
          />
        </div>
      </Group>
    </>
  );
}

function Letters({ elements, put }: { elements: readonly (Element & { look: TextUse })[]; put: PutAll }) {
  const project = useStudio((studio) => studio.project);
  const looks = elements.map(({ look }) => textStyle(project, look));
  const write = (change: Partial<TextLook>, key?: string): void =>
    put((element) => ({ look: lean({ ...(element as (typeof elements)[number]).look, ...change }) }), key);
  return (
    <Group title="Typography">
      <StyleChoice
        label="Text style"
        value={sharedBy(elements, ({ look }) => look.style)}
        styles={project.styles.text}
        onChange={(style) => write({ style } as Partial<TextLook>)}
      />
      <div className="flex flex-wrap items-end gap-1.5">
        <SharedNumber
          className="w-20"
          label="Size"
          value={sharedBy(looks, ({ size }) => size)}
          min={1}
          max={2000}
          onChange={(size) => write({ size })}
        />
        <ColourField
          label="Colour"
          value={sharedBy(looks, ({ colour }) => colour)}
          onChange={(colour) => write({ colour }, 'colour')}
        />
        <SharedPick
          label="Align"
          value={sharedBy(looks, ({ align }) => align)}
          options={[
            ['start', 'left'],
            ['centre', 'centre'],
            ['end', 'right'],
          ]}
          onChange={(align) => write({ align })}
        />
        <SharedPick
          label="Weight"
          value={sharedBy(looks, ({ weight }) => String(weight))}
          options={[
            ['400', 'regular'],
            ['700', 'bold'],
          ]}
          onChange={(weight) => write({ weight: Number(weight) })}
        />
      </div>
    </Group>
  );
}

function Boxes({ elements, put }: { elements: readonly (Element & { box: BoxUse })[]; put: PutAll }) {
  const project = useStudio((studio) => studio.project);
  const boxes = elements.map(({ box }) => boxStyle(project, box));
  const write = (change: Partial<BoxLook> & { style?: Id }, key?: string): void =>
    put((element) => ({ box: lean({ ...(element as (typeof elements)[number]).box, ...change }) }), key);
  return (
    <Group title="Box">
      <StyleChoice
        label="Box style"
        value={sharedBy(elements, ({ box }) => box.style)}
        styles={project.styles.box}
        onChange={(style) => write({ style })}
      />
      <div className="flex flex-wrap items-end gap-1.5">
        <ColourField
          label="Fill"
          value={sharedBy(boxes, ({ fill }) => fill)}
          onChange={(fill) => write({ fill }, 'fill')}
        />
        <ColourField
          label="Border"
          value={sharedBy(boxes, ({ border }) => border)}
          onChange={(border) => write({ border }, 'border')}
        />
        <SharedNumber
          className="w-20"
          label="Border width"
          value={sharedBy(boxes, ({ borderWidth }) => borderWidth)}
          min={0}
          max={500}
          onChange={(borderWidth) => write({ borderWidth })}
        />
        <SharedNumber
          className="w-20"
          label="Corner radius"
          value={sharedBy(boxes, ({ corner }) => corner)}
          min={0}
          max={2000}
          onChange={(corner) => write({ corner })}
        />
      </div>
    </Group>
  );
}

function SharedPick<T extends string>({
  value,
  options,
  onChange,
  ...rest
}: {
  label: string;
  value: T | undefined;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
}) {
  return (
    <Pick<T | typeof MIXED>
      {...rest}
      value={value ?? MIXED}
      options={value === undefined ? [[MIXED, MIXED] as const, ...options] : options}
      onChange={(to) => to !== MIXED && onChange(to)}
    />
  );
}
