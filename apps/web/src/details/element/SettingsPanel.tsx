'use client';

import type { Written } from '@tavu/core/component';
import { scopeWith } from '@tavu/core/expression';
import { guessSaidType, textTroubles, textTroubleWords, type TextTrouble } from '@tavu/core/message';
import type { Id, Screen } from '@tavu/core/model';
import { TOOLTIP } from '@tavu/core/elements/author';
import { TriangleAlert } from 'lucide-react';
import { useStudio, translating, useLanguage } from '../../store';
import { useSoundAssets } from '../../assets';
import { Check, Small, ThingRow } from '../../ui';
import { settingsOf, Words } from '../../elements';
import { makeValue, type Put } from '../../fields';

interface Of {
  screen: Screen;
  path: Id;
  written: Written;
  put: Put;
}

/** What is particular to a type of element: its words, picture, value, rows, tail. */
export function SettingsPanel({ screen, path, written, put }: Of) {
  const { element } = written;
  useLanguage();
  const project = useStudio((studio) => studio.project);
  const said = 'text' in element ? element.text : '';
  const troubles = textTroubles(said, scopeWith(project, written.parameters));
  const other = 'text' in element ? translating(screen.id, path, element.text) : null;
  const { words: label, Fields } = settingsOf(element);
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
      <Troubles of={troubles} said={said} />
      {Fields && (
        <Fields screen={screen} path={path} element={element} parameters={written.parameters} put={put} />
      )}
    </>
  );
}

/** What else it does besides leading somewhere: its tooltip, its sound, and whether presses go through it. */
export function Behaviour({ screen, path, written, put }: Of) {
  const { element } = written;
  useLanguage();
  const project = useStudio((studio) => studio.project);
  const assets = useSoundAssets();
  const tooltip = element.tooltip ?? '';
  const other = tooltip === '' ? null : translating(screen.id, path, tooltip, TOOLTIP);
  const { sounds, solid } = settingsOf(element);
  return (
    <>
      <Words
        label={`Tooltip${other ? `, ${other.language.name}` : ''}`}
        text={other?.text ?? tooltip}
        onChange={other ? other.put : (text) => put({ tooltip: text === '' ? undefined : text }, 'tooltip')}
        ends
      />
      <Troubles of={textTroubles(tooltip, scopeWith(project, written.parameters))} said={tooltip} />
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
          Presses pass through to what is beneath
        </Check>
      )}
    </>
  );
}

/** What is wrong with words, beneath the field they are typed in. */
const Troubles = ({ of, said }: { of: readonly TextTrouble[]; said: string }) =>
  of.map((trouble) => {
    const words = textTroubleWords(trouble);
    return (
      <p key={words} role="note" className="flex flex-wrap items-start gap-1 text-sm text-warn">
        <span className="flex items-start gap-1">
          <TriangleAlert size={13} aria-hidden="true" className="mt-0.5 shrink-0" /> {words}
        </span>
        {trouble.code === 'unknown name' && (
          <Small onClick={() => makeValue(trouble.params.name, guessSaidType(said, trouble.params.name))}>
            Make a value “{trouble.params.name.replace(/_/g, ' ')}”
          </Small>
        )}
      </p>
    );
  });
