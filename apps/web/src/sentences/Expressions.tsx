'use client';

import { ConditionField, makeValue } from '../fields';
import { scopeOfLink } from '@tavu/core/triggers';
import { screenById, type Link, isPicture, withId } from '@tavu/core/model';
import { effectOf } from '@tavu/core/effects';
import { authorOfEffect, givenBy } from '@tavu/core/effects/author';
import { editorOfEffect } from '../effects';
import { edit, useStudio } from '../store';
import { Button, ExpressionField, Small } from '../ui';

const put = (link: Link, change: Partial<Link>): void => void edit('change link', { link: link.id, change });

export function ConditionSheet({ link, close }: { link: Link; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  return (
    <ConditionField
      label="Only if"
      value={link.when ?? ''}
      scope={scopeOfLink(project, link)}
      none="Take the condition out"
      also={
        !link.once && (
          <Small
            onClick={() => {
              put(link, { once: true });
              close();
            }}
          >
            only once
          </Small>
        )
      }
      onChange={(when) => put(link, { when })}
      close={close}
    />
  );
}

/** What a value is set to, or which slot is saved to or loaded from. */
export function GivesSheet({ link, index, close }: { link: Link; index: number; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  const effect = link.effects[index];
  const text = effect && effectOf(effect).gives?.(effect);
  const gives = effect && authorOfEffect(effect).gives;
  if (text === undefined || !gives) return null;
  return (
    <div className="p-3">
      <ExpressionField
        label={editorOfEffect(effect).gives?.long(effect as never, project) ?? 'What it gives'}
        value={text}
        scope={scopeOfLink(project, link)}
        wanted={gives.wanted?.(effect, project)}
        onMake={makeValue}
        onChange={(text) => {
          put(link, {
            effects: link.effects.map((item, i) => (i === index ? gives.put(effect, text) : item)),
          });
          close();
        }}
      />
    </div>
  );
}

/** Which rows of a list an effect is about. */
export function WhereSheet({ link, index, close }: { link: Link; index: number; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  const effect = link.effects[index];
  const where = effect && authorOfEffect(effect).where;
  if (!where) return null;
  const change = (text: string | undefined): void =>
    put(link, { effects: link.effects.map((item, i) => (i === index ? where.put(item, text) : item)) });
  return (
    <ConditionField
      label="Rows where"
      value={where.of(effect) ?? ''}
      scope={givenBy(project, effect, scopeOfLink(project, link)).scope}
      none="Every row"
      onChange={change}
      close={close}
    />
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
  const target = link.to && 'screen' in link.to ? screenById(project, link.to.screen) : undefined;
  const own = scopeOfLink(project, link);
  const { takes, args, scope } = effect
    ? givenBy(project, effect, own)
    : { takes: target?.parameters, args: link.args ?? {}, scope: own };
  const type = withId(takes, param);
  if (!type) return null;
  const give = (text: string | undefined): void => {
    const given = Object.fromEntries(
      Object.entries({ ...args, [param]: text }).filter(
        (entry): entry is [string, string] => entry[1] !== undefined,
      ),
    );
    const some = Object.keys(given).length > 0 ? given : undefined;
    if (!effect) put(link, { args: some });
    else
      put(link, {
        effects: link.effects.map((item, i) =>
          i === index ? (authorOfEffect(item).tell?.(item, some) ?? item) : item,
        ),
      });
    close();
  };
  const { assets } = project;
  if (type.type === 'picture')
    return (
      <div className="max-h-72 overflow-auto p-1">
        {assets.filter(isPicture).map((asset) => (
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
        scope={scope}
        wanted={type}
        onMake={makeValue}
        onChange={give}
      />
      {args[param] !== undefined && <Button onClick={() => give(undefined)}>Say nothing</Button>}
    </div>
  );
}
