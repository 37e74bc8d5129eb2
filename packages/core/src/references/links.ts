import { showsOf } from '../effects';
import { effectReferences, toScreen } from '../effects/author';
import { PROJECT, type Effect, type Id, type Link, type ListValue, type Target } from '../model';
import { listInLink, triggerOf } from '../triggers';
import { triggerReferences } from '../triggers/author';
import { condition, id, list, motion, own, plain, record, type Part } from '../walk';

/** Where links name things and ask. */

const withLink = { drop: 'links' } as const;

/** The effects of a link. The same notice may be shown twice by one link, with other words. */
const effects: Part<readonly Effect[]> = (all, walk) => {
  const shown = new Map<Id, number>();
  list<Effect>((one, at) => {
    const screen = showsOf(one);
    if (screen === null) return effectReferences(one, at);
    const times = (shown.get(screen) ?? 0) + 1;
    shown.set(screen, times);
    const key = `${at.key} ${screen}${times === 1 ? '' : ` ${times}`}`;
    at.with({ key }, () => effectReferences(one, at));
  })(all, walk);
};

const target: Part<Target> = (to, walk) => {
  if ('screen' in to) walk.into('screen', id('screen'), to.screen);
};

const parts = record<Link>({
  id: own('link'),
  from: id('source', { gone: withLink, but: [PROJECT] }),
  trigger: triggerReferences,
  when: condition,
  to: target,
  args: toScreen,
  says: id('conversation', { gone: 'left out' }),
  outcome: id('outcome', { gone: 'left out', within: (walk) => walk.owner }),
  effects,
  motion,
  order: plain,
  notes: plain,
});

const rowAround = (list: ListValue | undefined) => (list ? { rows: { pressed: list } } : {});

export const link: Part<Link> = (one, walk) => {
  const { from, trigger, to } = one;
  const source = walk.screens.get(from) ?? walk.components.get(from);
  const type = triggerOf(trigger);
  const fields = type?.brings?.(trigger, walk.project);
  const around = {
    of: source?.id ?? null,
    parameters: source?.parameters ?? [],
    event: fields ? (type.key?.(trigger) ?? null) : null,
    fields: fields ?? [],
    ...rowAround(listInLink(walk.project, one)),
  };
  const beside = to && 'screen' in to ? to.screen : '';
  walk.with({ owner: from, on: one.id, holder: from, beside, key: one.id, around, asked: around }, () =>
    parts(one, walk),
  );
};
