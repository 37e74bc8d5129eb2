'use client';

import type { Written } from '@tavu/core/component';
import { scopeWith } from '@tavu/core/expression';
import { textTroubles, textTroubleWords } from '@tavu/core/message';
import type { Id, Screen } from '@tavu/core/model';
import { TOOLTIP } from '@tavu/core/elements/author';
import { TriangleAlert } from 'lucide-react';
import { useStudio, translating, useLanguage } from '../../store';
import { useSoundAssets } from '../../assets';
import { ThingRow, Check } from '../../ui';
import { settingsOf, Words } from '../../elements';
import type { Put } from '../../fields';

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
  const troubles = textTroubles(said, scopeWith(project, written.parameters)).map(textTroubleWords);
  const other = 'text' in element ? translating(screen.id, path, element.text) : null;
  const tooltip = element.tooltip ?? '';
  const otherTip = tooltip === '' ? null : translating(screen.id, path, tooltip, TOOLTIP);
  const assets = useSoundAssets();
  const { words: label, sounds, solid, Fields } = settingsOf(element);
  return (
    <>
      {label !== undefined && 'text' in element && (
        <Words
          label={`${label}${other ? `, ${other.language.name}` : ''}`}
          text={other?.text ?? element.text}
          onChange={other ? other.put : (text) => put({ text }, 'text')}
          ends
        />
      )}
      <Troubles of={troubles} />
      {Fields && (
        <Fields screen={screen} path={path} element={element} parameters={written.parameters} put={put} />
      )}
      <Words
        label={`Tooltip${otherTip ? `, ${otherTip.language.name}` : ''}`}
        text={otherTip?.text ?? tooltip}
        onChange={
          otherTip ? otherTip.put : (text) => put({ tooltip: text === '' ? undefined : text }, 'tooltip')
        }
        ends
      />
      <Troubles of={textTroubles(tooltip, scopeWith(project, written.parameters)).map(textTroubleWords)} />
      {sounds && (
        <ThingRow
          label="Sounds when pressed"
          value={(element as { sound?: Id }).sound}
          none="default"
          things={assets}
          onChange={(sound) => put({ sound })}
        />
      )}
      {!solid && (
        <Check on={element.through ?? false} onChange={(on) => put({ through: on ? true : undefined })}>
          Presses go to what lies beneath it
        </Check>
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
