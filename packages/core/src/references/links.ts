import { parse } from '../expression';
import {
  PROJECT,
  type Arguments,
  type Cue,
  type CueName,
  type Effect,
  type EffectName,
  type Field,
  type Id,
  type Link,
  type Parameter,
  type Target,
} from '../model';
import {
  motion,
  choose,
  type Among,
  condition,
  id,
  list,
  own,
  plain,
  record,
  type Part,
  type Walk,
} from '../walk';

/** Where links name things and ask: a list for each trigger and each effect. */

type On<N extends CueName> = Among<Cue, 'on', N>;
const withLink = { drop: 'links' } as const;

const beside = (walk: Walk): Id => walk.beside;
const returned = record<On<'returned'>>({
  screen: id('screen'),
  outcome: id('outcome', { within: beside }),
});

export const TRIGGERS: { [N in CueName]: Part<On<N>> } = {
  press: record<On<'press'>>({ element: id('element', { gone: withLink, within: (walk) => walk.owner }) }),
  action: record<On<'action'>>({ action: id('action'), hold: plain }),
  event: record<On<'event'>>({ event: id('event', { gone: withLink }) }),
  time: plain,
  arrival: plain,
  done: plain,
  failed: plain,
  value: record<On<'value'>>({ when: condition }),
  returned: (cue, walk) => walk.with({ beside: cue.screen }, () => returned(cue, walk)),
};

/** What is given to parameters or fields, by their ids. Where it is words and nothing else, players read them. */
function given(
  walk: Walk,
  args: Arguments,
  to: { of: 'parameter' | 'field'; within: Id; takes?: readonly (Parameter | Field)[]; name: string },
): void {
  const taken = to.takes?.map(({ id }) => id).filter((each) => each in args) ?? [];
  for (const each of new Set([...taken, ...Object.keys(args)])) {
    const text = args[each]!;
    const type = to.takes?.find((one) => one.id === each);
    walk.path.push(each);
    walk.tell({ is: 'id', of: to.of, id: each, within: to.within, gone: 'left out', key: true });
    walk.expression(text, type ?? null, type && { to: type.name, of: to.name });
    if (to.of === 'parameter' && type?.type === 'text') {
      const read = parse(text);
      if ('node' in read && read.node.kind === 'literal' && typeof read.node.value === 'string')
        walk.text(read.node.value, `${walk.key} ${each}`, false, true);
    }
    walk.path.pop();
  }
}

const toScreen: Part<Arguments> = (args, walk) => {
  const { beside: within } = walk;
  const found = walk.screens.get(within);
  given(walk, args, { of: 'parameter', within, takes: found?.parameters, name: found?.name ?? '' });
};
const toEvent: Part<Arguments> = (args, walk) => {
  const { beside: within } = walk;
  const found = walk.events.get(within);
  given(walk, args, { of: 'field', within, takes: found?.fields, name: found?.name ?? '' });
};

type Do<N extends EffectName> = Among<Effect, 'do', N>;
const withEffect = { drop: 'effects' } as const;
const later = { after: plain };
const ofScreen = id('screen', { gone: withEffect });
const sound = record<Do<'sound'>>({ ...later, asset: id('asset', { gone: withEffect }) });
const slot = record<Do<'save'>>({ ...later, slot: (text, walk) => walk.expression(text, null) });

const notice = record<Do<'notice'>>({ ...later, screen: ofScreen, args: toScreen });
const send = record<Do<'send'>>({
  ...later,
  event: id('event', { gone: withEffect, use: 'sets' }),
  fields: toEvent,
});
const set = record<Do<'set'>>({
  ...later,
  value: id('value', { use: 'sets' }),
  to: (text, walk) => walk.expression(text, walk.values.get(walk.beside) ?? null),
});

export const EFFECTS: { [N in EffectName]: Part<Do<N>> } = {
  notice: (effect, walk) => walk.with({ beside: effect.screen }, () => notice(effect, walk)),
  'clear notice': record<Do<'clear notice'>>({ ...later, screen: ofScreen }),
  send: (effect, walk) => walk.with({ beside: effect.event }, () => send(effect, walk)),
  set: (effect, walk) => walk.with({ beside: effect.value }, () => set(effect, walk)),
  reset: record<Do<'reset'>>({
    ...later,
    value: id('value', { use: 'sets' }),
    section: id('section', { use: 'sets' }),
  }),
  sound,
  'stop sound': sound,
  save: slot,
  load: slot,
  'keep changes': plain,
  'take back changes': plain,
  'reset bindings': plain,
};

export const effect = choose<Effect, 'do'>('do', EFFECTS);

/** The effects of a link. The same notice may be shown twice by one link, with other words. */
const effects: Part<readonly Effect[]> = (all, walk) => {
  const shown = new Map<Id, number>();
  list<Effect>((one, at) => {
    if (one.do !== 'notice') return effect(one, at);
    const times = (shown.get(one.screen) ?? 0) + 1;
    shown.set(one.screen, times);
    const key = `${at.key} ${one.screen}${times === 1 ? '' : ` ${times}`}`;
    at.with({ key }, () => effect(one, at));
  })(all, walk);
};

const target: Part<Target> = (to, walk) => {
  if ('screen' in to) walk.into('screen', id('screen'), to.screen);
};

const fields = record<Link>({
  id: own('link'),
  from: id('source', { gone: withLink, but: [PROJECT] }),
  cue: choose<Cue, 'on'>('on', TRIGGERS),
  when: condition,
  to: target,
  args: toScreen,
  says: id('conversation', { gone: 'left out' }),
  outcome: id('outcome', { gone: 'left out', within: (walk) => walk.owner }),
  effects,
  motion,
  order: plain,
});

export const link: Part<Link> = (one, walk) => {
  const { from, cue, to } = one;
  const source = walk.screens.get(from) ?? walk.components.get(from);
  const event = cue.on === 'event' ? walk.events.get(cue.event) : undefined;
  const around = {
    of: source?.id ?? null,
    parameters: source?.parameters ?? [],
    event: event?.id ?? null,
    fields: event?.fields ?? [],
  };
  const beside = to && 'screen' in to ? to.screen : '';
  walk.with({ owner: from, on: one.id, holder: from, beside, key: one.id, around, asked: around }, () =>
    fields(one, walk),
  );
};
