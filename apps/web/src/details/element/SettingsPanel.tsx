'use client';

import { scopeOfWritten, type Written } from '@tavu/core/component';
import { markTroubles } from '@tavu/core/check';
import { guessSaidType, textTroubles, textTroubleWords, type TextTrouble } from '@tavu/core/message';
import type { Element, Id, Project, Screen } from '@tavu/core/model';
import { boxStyle } from '@tavu/core/style';
import { TOOLTIP } from '@tavu/core/elements/author';
import { TriangleAlert } from 'lucide-react';
import { useStudio, translating, useLanguage } from '../../store';
import { findSolid, useSoundAssets } from '../../assets';
import { Check, NumberField, Small, ThingRow } from '../../ui';
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
  const troubles = troublesOf(project, written, said);
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
  const pictures = facesOf(project, element);
  return (
    <>
      <Words
        label={`Tooltip${other ? `, ${other.language.name}` : ''}`}
        text={other?.text ?? tooltip}
        onChange={other ? other.put : (text) => put({ tooltip: text === '' ? undefined : text }, 'tooltip')}
        ends
      />
      <Troubles of={troublesOf(project, written, tooltip)} said={tooltip} />
      {sounds && (
        <ThingRow
          label="Sounds when pressed"
          value={(element as { sound?: Id }).sound}
          none="default"
          things={assets}
          onChange={(sound) => put({ sound })}
        />
      )}
      <Check on={element.only === 'touch'} onChange={(on) => put({ only: on ? 'touch' : undefined })}>
        There only for those who play by touch
      </Check>
      {(sounds || element.type === 'touch') && (
        <NumberField
          label="Pressed also so far around it"
          unit="px"
          value={element.reach ?? 0}
          min={0}
          max={1000}
          onChange={(reach) => put({ reach: reach > 0 ? reach : undefined }, 'reach')}
        />
      )}
      {!solid && (
        <Check on={element.through ?? false} onChange={(on) => put({ through: on ? true : undefined })}>
          Presses pass through to what is beneath
        </Check>
      )}
      {pictures.length > 0 && (
        <Check
          on={element.exact ?? false}
          onChange={(on) => {
            put({ exact: on ? true : undefined }, 'exact');
            // One step with the edit above: both have the key of this element.
            if (on) void findSolid(pictures, `exact ${path}`);
          }}
        >
          Presses count only where it is drawn
        </Check>
      )}
    </>
  );
}

/** The pictures that an element is drawn by where nothing is done with it. */
function facesOf(project: Project, element: Element): Id[] {
  const face = 'box' in element ? boxStyle(project, element.box).picture : undefined;
  const own = element.type === 'picture' || element.type === 'portrait' ? element.asset : null;
  return [
    ...(face && face !== 'none' ? [face.asset] : []),
    ...(own === null ? [] : [own]),
    ...(element.type === 'picture' ? (element.pictures ?? []) : []),
  ];
}

/** What of some words names, or shows, what is not there. */
const troublesOf = (project: Project, written: Written, said: string): TextTrouble[] => [
  ...textTroubles(said, scopeOfWritten(project, written)),
  ...markTroubles(project, said),
];

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
