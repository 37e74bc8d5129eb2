'use client';

import { BUBBLES, titleCase, type Element, type Id, type Screen } from '@tavu/core/model';
import { actionKeys } from '@tavu/core/words';
import { useStudio } from '../../studio/store';
import { Field } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { Row, Select } from '../../ui/Row';
import type { Put } from './change';

/** What is particular to a type of element: its words, picture, value, rows, tail. */
export function SettingsPanel({ screen, element, put }: { screen: Screen; element: Element; put: Put }) {
  return (
    <>
      {'text' in element && element.type !== 'tabs' && (
        <Words
          label={element.type === 'entry' ? 'Words until something is typed' : 'Words on it'}
          text={element.text}
          onChange={(text) => put({ text }, 'text')}
        />
      )}
      <Particular screen={screen} element={element} put={put} />
    </>
  );
}

function Particular({ screen, element, put }: { screen: Screen; element: Element; put: Put }) {
  switch (element.type) {
    case 'picture':
    case 'portrait':
      return <PictureSettings screen={screen} element={element} put={put} />;
    case 'button':
      return (
        <ActionRow
          label="Shortcut"
          value={element.shortcut}
          none="none"
          onChange={(shortcut) => put({ shortcut })}
        />
      );
    case 'prompt':
      return (
        <ActionRow
          label="Key of"
          value={element.action ?? undefined}
          none="nothing yet"
          onChange={(action) => put({ action: action ?? null })}
        />
      );
    case 'switch':
      return <ValueRow types={['on/off']} value={element.value} onChange={(value) => put({ value })} />;
    case 'slider':
      return (
        <>
          <ValueRow types={['number']} value={element.value} onChange={(value) => put({ value })} />
          {element.value === undefined && (
            <div className="flex gap-1.5">
              <NumberField
                label="Shows"
                value={Number(element.sample ?? 0)}
                onChange={(sample) => put({ sample })}
              />
              <NumberField label="From" value={element.least ?? 0} onChange={(least) => put({ least })} />
              <NumberField label="To" value={element.most ?? 1} onChange={(most) => put({ most })} />
            </div>
          )}
        </>
      );
    case 'choice':
      return (
        <>
          <ValueRow types={['choice', 'number']} value={element.value} onChange={(value) => put({ value })} />
          {element.value === undefined && (
            <Lines
              label="To choose from, a line each"
              lines={element.options ?? []}
              onChange={(options) => put({ options }, 'options')}
            />
          )}
        </>
      );
    case 'entry':
      return <ValueRow types={['text']} value={element.value} onChange={(value) => put({ value })} />;
    case 'progress':
      return (
        <>
          <ValueRow types={['number']} value={element.value} onChange={(value) => put({ value })} />
          {element.value === undefined && (
            <NumberField
              label="Shows, percent"
              value={(element.sample ?? 0) * 100}
              least={0}
              most={100}
              onChange={(percent) => put({ sample: percent / 100 })}
            />
          )}
        </>
      );
    case 'tabs':
      return (
        <>
          <Lines label="Tabs, a line each" lines={element.tabs} onChange={(tabs) => put({ tabs }, 'tabs')} />
          <NumberField
            label="How high their row is"
            value={element.bar}
            least={0}
            onChange={(bar) => put({ bar })}
          />
          <ValueRow types={['choice', 'number']} value={element.value} onChange={(value) => put({ value })} />
        </>
      );
    case 'list':
      return (
        <>
          <Lines label="Rows, a line each" lines={element.rows} onChange={(rows) => put({ rows }, 'rows')} />
          <NumberField
            label="How high a row is"
            value={element.rowHeight}
            least={1}
            onChange={(rowHeight) => put({ rowHeight })}
          />
        </>
      );
    case 'address':
      return (
        <Field
          label="Leads to"
          value={element.url}
          read={(text) =>
            /^https?:\/\/[^\s]+$/.test(text.trim())
              ? { ok: text.trim() }
              : { error: 'Write a web address that begins with https://.' }
          }
          onChange={(url) => put({ url })}
        />
      );
    case 'bubble':
      return <BubbleSettings element={element} put={put} />;
    default:
      return null;
  }
}

function PictureSettings({
  screen,
  element,
  put,
}: {
  screen: Screen;
  element: Element & { type: 'picture' | 'portrait' };
  put: Put;
}) {
  const project = useStudio((studio) => studio.project);
  const pictures = project.assets.filter((asset) => asset.media.startsWith('image/'));
  const told = (screen.parameters ?? []).filter((each) => each.type === 'picture');
  const slice = element.type === 'picture' ? element.slice : undefined;
  return (
    <>
      <Row label="Picture">
        <Select
          label="Picture"
          value={element.asset ?? ''}
          options={[['', 'none yet'], ...pictures.map((asset): [string, string] => [asset.id, asset.name])]}
          onChange={(id: string) => put({ asset: id === '' ? null : id })}
        />
      </Row>
      {told.length > 0 && (
        <Row label="Or what it is told">
          <Select
            label="Or what it is told"
            value={element.from ?? ''}
            options={[['', 'no'], ...told.map((each): [string, string] => [each.id, each.name])]}
            onChange={(from: string) => put({ from: from === '' ? undefined : from })}
          />
        </Row>
      )}
      <Row label="In its box">
        <Select
          label="In its box"
          value={slice ? 'slice' : element.fit}
          options={[
            ['contain', 'all of it'],
            ['cover', 'cut, to cover'],
            ['stretch', 'stretched'],
            ...(element.type === 'picture' ? [['slice', 'corners kept'] as const] : []),
          ]}
          onChange={(fit: string) => {
            if (fit === 'slice') put({ fit: 'stretch', slice: { top: 16, right: 16, bottom: 16, left: 16 } });
            else put({ fit, slice: undefined });
          }}
        />
      </Row>
      {slice && (
        <div
          className="flex gap-1.5"
          role="group"
          aria-label="How far in the corners reach, in the picture’s pixels"
        >
          {(['top', 'right', 'bottom', 'left'] as const).map((side) => (
            <NumberField
              key={side}
              label={titleCase(side)}
              value={slice[side]}
              least={0}
              onChange={(n) => put({ slice: { ...slice, [side]: n } })}
            />
          ))}
        </div>
      )}
      {element.type === 'portrait' && (
        <Row label="Looks">
          <Select
            label="Looks"
            value={element.flipped ? 'yes' : 'no'}
            options={[
              ['no', 'as it is drawn'],
              ['yes', 'the other way'],
            ]}
            onChange={(flipped: string) => put({ flipped: flipped === 'yes' || undefined })}
          />
        </Row>
      )}
    </>
  );
}

function BubbleSettings({ element, put }: { element: Element & { type: 'bubble' }; put: Put }) {
  const { area, tail } = element;
  return (
    <>
      <Row label="Shape">
        <Select
          label="Shape"
          value={element.shape}
          options={BUBBLES.map((shape) => [shape, shape] as const)}
          onChange={(shape) => put({ shape })}
        />
      </Row>
      <Row label="Tail">
        <Select
          label="Tail"
          value={tail?.side ?? ''}
          options={[
            ['', 'none'],
            ['left', 'to the left'],
            ['right', 'to the right'],
            ['top', 'upwards'],
            ['bottom', 'downwards'],
          ]}
          onChange={(side: string) => put({ tail: side === '' ? undefined : { side, at: tail?.at ?? 0.5 } })}
        />
      </Row>
      {tail && (
        <NumberField
          label="How far along that side, percent"
          value={tail.at * 100}
          least={0}
          most={100}
          onChange={(percent) => put({ tail: { ...tail, at: percent / 100 } })}
        />
      )}
      <div className="flex gap-1.5" role="group" aria-label="Where its words may stand: in from each edge">
        {(['top', 'right', 'bottom', 'left'] as const).map((side) => (
          <NumberField
            key={side}
            label={`In ${side}`}
            value={area[side]}
            least={0}
            onChange={(n) => put({ area: { ...area, [side]: n } })}
          />
        ))}
      </div>
    </>
  );
}

function ActionRow({
  label,
  value,
  none,
  onChange,
}: {
  label: string;
  value: Id | undefined;
  none: string;
  onChange: (id: Id | undefined) => void;
}) {
  const actions = useStudio((studio) => studio.project.actions);
  return (
    <Row label={label}>
      <Select
        label={label}
        value={value ?? ''}
        options={[
          ['', none],
          ...actions.map((each): [string, string] => [
            each.id,
            `${titleCase(each.name)} (${actionKeys(each)})`,
          ]),
        ]}
        onChange={(id: string) => onChange(id === '' ? undefined : id)}
      />
    </Row>
  );
}

function ValueRow({
  types,
  value,
  onChange,
}: {
  types: readonly string[];
  value: Id | undefined;
  onChange: (value: Id | undefined) => void;
}) {
  const values = useStudio((studio) => studio.project.values).filter((each) => types.includes(each.type));
  return (
    <Row label="Shows the value">
      <Select
        label="Shows the value"
        value={value ?? ''}
        options={[
          ['', 'none: what is here'],
          ...values.map((each): [string, string] => [each.id, each.name]),
        ]}
        onChange={(id: string) => onChange(id === '' ? undefined : id)}
      />
    </Row>
  );
}

function Lines({
  label,
  lines,
  onChange,
}: {
  label: string;
  lines: readonly string[];
  onChange: (lines: string[]) => void;
}) {
  return (
    <Words
      label={label}
      text={lines.join('\n')}
      onChange={(text) => onChange(text.split('\n').slice(0, 500))}
    />
  );
}

export function Words({
  label = 'Words on it',
  text,
  onChange,
}: {
  label?: string;
  text: string;
  onChange: (text: string) => void;
}) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-sm text-soft">{label}</span>
      <textarea
        value={text}
        maxLength={10_000}
        rows={Math.min(6, text.split('\n').length + Math.floor(text.length / 36))}
        className="w-full resize-y rounded border border-line bg-sheet px-1.5 py-1"
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
