'use client';

import { scopeOfLink } from '@tavu/core/triggers';
import { screenById, valueById, type Effect, type FieldType, type Link } from '@tavu/core/model';
import { edit, useStudio } from '../studio/store';
import { Button } from '../ui/parts';
import { ExpressionField } from '../ui/ExpressionField';

const CONDITION: FieldType = { type: 'on/off' };

/** Makes a value of a name that was typed: a number, which most conditions compare. */
export const makeValue = (name: string): void =>
  void edit('add value', { type: 'number', name: name.replace(/_/g, ' ') });

const put = (link: Link, change: Partial<Link>): void => void edit('change link', { link: link.id, change });

export function ConditionSheet({ link, close }: { link: Link; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  return (
    <div className="space-y-2 p-3">
      <ExpressionField
        label="Only if"
        value={link.when ?? ''}
        scope={scopeOfLink(project, link)}
        wanted={CONDITION}
        onMake={makeValue}
        onChange={(when) => {
          put(link, { when });
          close();
        }}
      />
      {link.when !== undefined && (
        <Button
          onClick={() => {
            put(link, { when: undefined });
            close();
          }}
        >
          Take the condition out
        </Button>
      )}
    </div>
  );
}

export function AwaitsSheet({ link, close }: { link: Link; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  const { cue } = link;
  if (cue.on !== 'value') return null;
  return (
    <div className="p-3">
      <ExpressionField
        label="What becomes true"
        value={cue.when}
        scope={scopeOfLink(project, link)}
        wanted={CONDITION}
        onMake={makeValue}
        onChange={(when) => {
          put(link, { cue: { on: 'value', when } });
          close();
        }}
      />
    </div>
  );
}

/** What a value is set to, or which slot is saved to or loaded from. */
export function GivesSheet({ link, index, close }: { link: Link; index: number; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  const effect = link.effects[index];
  if (!effect || !('to' in effect || 'slot' in effect)) return null;
  const value = effect.do === 'set' ? valueById(project, effect.value) : undefined;
  return (
    <div className="p-3">
      <ExpressionField
        label={value ? `${value.name} becomes` : 'Which slot'}
        value={effect.do === 'set' ? effect.to : effect.slot}
        scope={scopeOfLink(project, link)}
        wanted={value}
        onMake={makeValue}
        onChange={(text) => {
          const made: Effect = effect.do === 'set' ? { ...effect, to: text } : { ...effect, slot: text };
          put(link, { effects: link.effects.map((each, i) => (i === index ? made : each)) });
          close();
        }}
      />
    </div>
  );
}

/** What a parameter of the target, of a message, or a field of an event is given. */
export function GivenSheet({
  link,
  param,
  effect: index,
  close,
}: {
  link: Link;
  param: string;
  /** The effect it belongs to; absent for the link's own target. */
  effect?: number;
  close: () => void;
}) {
  const project = useStudio((studio) => studio.project);
  const effect = index === undefined ? undefined : link.effects[index];
  const target =
    effect?.do === 'notice' ? effect.screen : link.to && 'screen' in link.to ? link.to.screen : null;
  const takes =
    effect?.do === 'send'
      ? project.events.find((event) => event.id === effect.event)?.fields
      : screenById(project, target)?.parameters;
  const type = takes?.find((each) => each.id === param);
  if (!type) return null;
  const args =
    (effect
      ? effect.do === 'notice'
        ? effect.args
        : effect.do === 'send'
          ? effect.fields
          : {}
      : link.args) ?? {};
  const give = (text: string | undefined): void => {
    const given = Object.fromEntries(
      Object.entries({ ...args, [param]: text }).filter(
        (entry): entry is [string, string] => entry[1] !== undefined,
      ),
    );
    const some = Object.keys(given).length > 0 ? given : undefined;
    if (index === undefined) put(link, { args: some });
    else
      put(link, {
        effects: link.effects.map((each, i) =>
          i !== index
            ? each
            : each.do === 'notice'
              ? withOr(each, 'args', some)
              : each.do === 'send'
                ? withOr(each, 'fields', some)
                : each,
        ),
      });
    close();
  };
  const { assets } = project;
  if (type.type === 'picture')
    return (
      <div className="max-h-72 overflow-auto p-1">
        {assets
          .filter((asset) => asset.media.startsWith('image/'))
          .map((asset) => (
            <button
              key={asset.id}
              type="button"
              className="block w-full rounded px-2 py-1 text-left hover:bg-chosen-wash"
              onClick={() => give(JSON.stringify(asset.id))}
            >
              {asset.name}
            </button>
          ))}
      </div>
    );
  return (
    <div className="space-y-2 p-3">
      <ExpressionField
        label={`${type.name}${type.type === 'text' ? ', words in “quotes” or a name' : ''}`}
        value={args[param] ?? (type.type === 'text' ? '""' : '')}
        scope={scopeOfLink(project, link)}
        wanted={type}
        onMake={makeValue}
        onChange={give}
      />
      {args[param] !== undefined && <Button onClick={() => give(undefined)}>Say nothing</Button>}
    </div>
  );
}

function withOr<T extends object, K extends keyof T>(thing: T, key: K, value: T[K] | undefined): T {
  const { [key]: _, ...rest } = thing;
  return (value === undefined ? rest : { ...rest, [key]: value }) as T;
}
