'use client';

import { keysBeside } from '@tavu/core/keys';
import type { Written } from '@tavu/core/component';
import { scopeWith } from '@tavu/core/expression';
import { textTroubles } from '@tavu/core/message';
import { titleCase, type Id, type Screen } from '@tavu/core/model';
import { TOOLTIP } from '@tavu/core/elements/author';

import { TriangleAlert } from 'lucide-react';
import { TextFrameFields } from '../../animation/TextFrames';
import { editingLayer } from '../../editing/layer';
import { endStep, useStudio } from '../../studio/store';
import { translating, useLanguage } from '../../language/shown';
import { useSoundAssets } from '../../sound/SoundRules';
import { Field } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { SelectRow, ThingRow } from '../../ui/Row';
import { BubbleSettings } from './BubbleSettings';
import type { Put } from './change';
import { PictureSettings } from './PictureSettings';

/** What is particular to a type of element: its words, picture, value, rows, tail. */
export function SettingsPanel({
  screen,
  path,
  written,
  put,
}: {
  screen: Screen;
  path: Id;
  written: Written;
  put: Put;
}) {
  const { element } = written;
  useLanguage();
  const project = useStudio((studio) => studio.project);
  const said = 'text' in element ? element.text : '';
  const troubles = textTroubles(said, scopeWith(project, written.parameters));
  const other = 'text' in element ? translating(screen.id, path, element.text) : null;
  const tooltip = element.tooltip ?? '';
  const otherTip = tooltip === '' ? null : translating(screen.id, path, tooltip, TOOLTIP);
  const sounds = useSoundAssets();
  return (
    <>
      {'text' in element && element.type !== 'tabs' && (
        <Words
          label={`${element.type === 'entry' ? 'Words until something is typed' : 'Words on it'}${other ? `, ${other.language.name}` : ''}`}
          text={other?.text ?? element.text}
          onChange={other ? other.put : (text) => put({ text }, 'text')}
          ends
        />
      )}
      <Troubles of={troubles} />
      <Particular screen={screen} written={written} put={put} />
      <Words
        label={`Tooltip${otherTip ? `, ${otherTip.language.name}` : ''}`}
        text={otherTip?.text ?? tooltip}
        onChange={
          otherTip ? otherTip.put : (text) => put({ tooltip: text === '' ? undefined : text }, 'tooltip')
        }
        ends
      />
      <Troubles of={textTroubles(tooltip, scopeWith(project, written.parameters))} />
      {'box' in element && 'text' in element && element.type !== 'bubble' && element.type !== 'prompt' && (
        <ThingRow
          label="Sounds when pressed"
          value={element.sound}
          none="as usual"
          things={sounds}
          onChange={(sound) => put({ sound })}
        />
      )}
      {written.element.type !== 'text' && (
        <label className="flex cursor-pointer items-center gap-1.5">
          <input
            type="checkbox"
            className="accent-chosen"
            checked={element.through ?? false}
            onChange={(event) => put({ through: event.target.checked ? true : undefined })}
          />
          Presses go to what lies beneath it
        </label>
      )}
    </>
  );
}

/** What is wrong with words, beneath the field they are typed in. */
const Troubles = ({ of }: { of: readonly string[] }) =>
  of.map((words) => (
    <p key={words} role="note" className="flex items-start gap-1 text-sm text-warn">
      <TriangleAlert size={13} aria-hidden="true" className="mt-0.5 shrink-0" /> {words}
    </p>
  ));

function Particular({ screen, written, put }: { screen: Screen; written: Written; put: Put }) {
  const { element, parameters } = written;
  switch (element.type) {
    case 'text':
      return <TextFrameFields screen={screen} element={element} put={put} />;
    case 'picture':
    case 'portrait':
      return <PictureSettings parameters={parameters} element={element} put={put} />;
    case 'button':
      return (
        <ActionRow
          label="Shortcut"
          value={element.shortcut}
          none="none"
          onChange={(shortcut) => put({ shortcut })}
        />
      );
    case 'binding':
      return (
        <>
          <ActionRow
            label="Key of"
            value={element.action ?? undefined}
            none="nothing yet"
            onChange={(action) => put({ action: action ?? null })}
          />
          <SelectRow<'keys' | 'pad'>
            label="On"
            value={element.device}
            options={[
              ['keys', 'the keyboard'],
              ['pad', 'a pad'],
            ]}
            onChange={(device) => put({ device })}
          />
          <SelectRow<'refuse' | 'swap'>
            label="One that is taken"
            value={element.clash ?? 'refuse'}
            options={[
              ['refuse', 'is refused'],
              ['swap', 'changes places'],
            ]}
            onChange={(clash) => put({ clash: clash === 'swap' ? 'swap' : undefined })}
          />
        </>
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
          {screen.loading && (
            <SelectRow<'loading' | 'own'>
              label="Shows"
              value={element.loading ? 'loading' : 'own'}
              options={[
                ['own', 'a value, or a sample'],
                ['loading', 'how far it has loaded'],
              ]}
              onChange={(to) => put({ loading: to === 'loading' ? true : undefined })}
            />
          )}
          {!element.loading && (
            <ValueRow types={['number']} value={element.value} onChange={(value) => put({ value })} />
          )}
          {!element.loading && element.value === undefined && (
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
    <ThingRow
      label={label}
      value={value}
      none={none}
      things={actions.map((each) => ({ id: each.id, name: `${titleCase(each.name)}${keysBeside(each)}` }))}
      onChange={onChange}
    />
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
    <ThingRow
      label="Shows the value"
      value={value}
      none="none: what is here"
      things={values}
      onChange={onChange}
    />
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
  ends = false,
}: {
  label?: string;
  text: string;
  onChange: (text: string) => void;
  /** Enter ends the typing, as in Live, and Shift Enter breaks the line. */
  ends?: boolean;
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
        onKeyDown={(event) => {
          if (!ends || event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
          event.preventDefault();
          endStep();
          editingLayer()?.focus({ preventScroll: true });
        }}
      />
    </label>
  );
}
