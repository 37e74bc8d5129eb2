import type {
  Area,
  Asset,
  Component,
  ComponentParameter,
  Field,
  FocusRules,
  GameEvent,
  Defaults,
  Id,
  ListValue,
  Loading,
  Option,
  Parameter,
  Project,
  Row,
  SavedGames,
  SavedPart,
  Scalar,
  Screen,
  Skin,
  SoundRules,
  TalkRules,
  TooltipLook,
  Value,
} from '../model';
import { withId } from '../model';
import { listOfRows } from '../lists';
import { elements } from './elements';
import { link } from './links';
import {
  background,
  boxStyle,
  boxUse,
  colour,
  namedColour,
  optionalAsset,
  textStyle,
  textUse,
  madeMotion,
  motion,
  choose,
  type Among,
  condition,
  id,
  list,
  message,
  NOTHING_AROUND,
  orElse,
  own,
  plain,
  record,
  Walk,
  words,
  type Part,
  type Place,
} from '../walk';
import { conversation, routine, speaker } from './steps';

/** The whole document: what stands at its top, screens, values and rules. */

const held = id('element', { within: (walk) => walk.holder, gone: 'left out' });

const next: Part<NonNullable<FocusRules['next']>> = (ways, walk) => {
  for (const [from, led] of Object.entries(ways)) {
    walk.path.push(from);
    walk.tell({ is: 'id', of: 'element', id: from, within: walk.holder, gone: 'left out', key: true });
    for (const [way, to] of Object.entries(led)) if (to) walk.into(way, held, to);
    walk.path.pop();
  }
};
const focus = record<FocusRules>({
  next,
  order: list(id('element', { within: (walk) => walk.holder, gone: { drop: 'order' } })),
});

const pretended: Part<Among<Loading, 'by', 'pretending'>> = plain;
const reported = record<Among<Loading, 'by', 'events'>>({
  progress: id('event'),
  field: id('field', { within: (walk) => walk.beside }),
  done: id('event'),
  failed: id('event'),
  limit: plain,
});
const loading = choose<Loading, 'by'>('by', {
  pretending: pretended,
  events: (one, walk) => walk.with({ beside: one.progress ?? '' }, () => reported(one, walk)),
});

/** What stands there if it is a word. */
const ifText =
  (part: Part<string>): Part<Scalar> =>
  (value, walk) => {
    if (typeof value === 'string' && value !== '') part(value, walk);
  };
const picture = ifText(id('asset', { gone: { put: '' } }));

/** What is chosen among the options of what the walk is on. */
const chosen = (of: Id): Part<Scalar> => ifText(id('option', { within: () => of }));
const options = (of: Id, label: Part<string>): Part<Option[]> =>
  list(record<Option>({ id: own('option', () => of), label }));

/** What a screen is told; its words, where nothing else is said, are read by players. */
const parameter =
  (holder: Id): Part<Parameter> =>
  (one, walk) => {
    const base = { id: own('parameter', () => holder), name: plain };
    choose<Parameter, 'type'>('type', {
      'on/off': record<Among<Parameter, 'type', 'on/off'>>({
        ...base,
        on: plain,
        off: plain,
        default: plain,
      }),
      number: record<Among<Parameter, 'type', 'number'>>({ ...base, unit: plain, default: plain }),
      choice: record<Among<Parameter, 'type', 'choice'>>({
        ...base,
        options: options(one.id, plain),
        default: chosen(one.id),
      }),
      text: record<Among<Parameter, 'type', 'text'>>({
        ...base,
        default: (what, at) => {
          if (typeof what === 'string') words(() => `${holder} ${one.id}`)(what, at);
        },
      }),
      picture: record<Among<Parameter, 'type', 'picture'>>({ ...base, default: picture }),
    })(one, walk);
  };

const field =
  (event: Id): Part<Field> =>
  (one, walk) => {
    const base = { id: own('field', () => event), name: plain };
    choose<Field, 'type'>('type', {
      'on/off': record<Among<Field, 'type', 'on/off'>>({ ...base, on: plain, off: plain }),
      number: record<Among<Field, 'type', 'number'>>({ ...base, unit: plain }),
      choice: record<Among<Field, 'type', 'choice'>>({ ...base, options: options(one.id, plain) }),
      text: record<Among<Field, 'type', 'text'>>(base),
      picture: record<Among<Field, 'type', 'picture'>>(base),
    })(one, walk);
  };

const screenFields = record<Screen>({
  id: own('screen'),
  name: plain,
  parameters: list((one, walk) => parameter(walk.owner)(one, walk)),
  outcomes: list(
    record<NonNullable<Screen['outcomes']>[number]>({
      id: own('outcome', (walk) => walk.owner),
      name: plain,
    }),
  ),
  firstFocus: held,
  focus,
  minTime: plain,
  area: id('area', { gone: 'left out' }),
  shownWhen: condition,
  lasts: plain,
  until: orElse(record<{ event: Id }>({ event: id('event') })),
  again: plain,
  motion,
  music: id('asset', { gone: 'left out', but: ['none'] }),
  musicFade: plain,
  notes: plain,
  loading,
  says: id('conversation', { gone: 'left out' }),
  background,
  elements,
});
const screen: Part<Screen> = (one, walk) => {
  const around = { ...NOTHING_AROUND, of: one.id, parameters: one.parameters ?? [] };
  walk.with({ owner: one.id, on: null, holder: one.id, key: one.id, around, asked: around }, () =>
    screenFields(one, walk),
  );
};

/** Words of a component's parameters are said on the screen it is placed on. */
const component: Part<Component> = (one, walk) => {
  const shown = listOfRows(walk.project, one.id);
  const rows = shown ? { rows: { pressed: shown } } : {};
  const around = { ...NOTHING_AROUND, of: one.id, parameters: one.parameters, ...rows };
  const base = { id: own('parameter', () => one.id), name: plain };
  const ownParameter = choose<ComponentParameter, 'type'>('type', {
    text: (item, at) =>
      record<Among<ComponentParameter, 'type', 'text'>>({
        ...base,
        default: message(() => `${one.id} ${item.id}`),
      })(item, at),
    picture: record<Among<ComponentParameter, 'type', 'picture'>>({ ...base, default: picture }),
    'on/off': record<Among<ComponentParameter, 'type', 'on/off'>>(base),
  });
  walk.with({ owner: one.id, on: null, holder: one.id, key: one.id, around, asked: around }, () =>
    record<Component>({
      id: own('component'),
      name: plain,
      parameters: list(ownParameter),
      elements,
    })(one, walk),
  );
};

const value: Part<Value> = (one, walk) =>
  walk.with({ owner: one.id, key: one.id }, () => {
    const base = { id: own('value'), name: plain, section: own('section') };
    const said = (word: string): Part<string> => words(({ key }) => `${key} ${word}`);
    choose<Value, 'type'>('type', {
      // On and off have words even where none are written.
      'on/off': (item, at) =>
        record<Among<Value, 'type', 'on/off'>>({ ...base, on: said('on'), off: said('off'), default: plain })(
          { ...item, on: item.on ?? 'On', off: item.off ?? 'Off' },
          at,
        ),
      number: record<Among<Value, 'type', 'number'>>({ ...base, unit: plain, default: plain }),
      choice: (item, at) =>
        record<Among<Value, 'type', 'choice'>>({
          ...base,
          options: options(
            one.id,
            words(({ path }) => `${one.id} ${item.options[Number(path.at(-2))]!.id}`),
          ),
          default: chosen(one.id),
        })(item, at),
      text: record<Among<Value, 'type', 'text'>>({ ...base, default: plain }),
      picture: record<Among<Value, 'type', 'picture'>>({ ...base, default: picture }),
    })(one, walk);
  });

/** What rows hold is data of the game, and not translated. */
const rowOf =
  ({ id: list, fields }: ListValue): Part<Row> =>
  (one, walk) => {
    for (const [named, held] of Object.entries(one)) {
      const type = withId(fields, named);
      walk.path.push(named);
      walk.tell({ is: 'id', of: 'field', id: named, within: list, gone: 'left out', key: true });
      if (type?.type === 'choice') chosen(type.id)(held, walk);
      if (type?.type === 'picture') picture(held, walk);
      walk.path.pop();
    }
  };

const savedValue = record<Extract<SavedPart, { value: Id }>>({ value: id('value') });
const saved = (list: Id): Part<SavedGames> =>
  record<SavedGames>({
    slots: plain,
    holds: (holds, walk) => {
      for (const [field, part] of Object.entries(holds)) {
        walk.path.push(field);
        walk.tell({ is: 'id', of: 'field', id: field, within: list, gone: 'left out', key: true });
        if ('value' in part) savedValue(part, walk);
        walk.path.pop();
      }
    },
  });

const listValue: Part<ListValue> = (one, walk) =>
  walk.with({ owner: one.id }, () =>
    record<ListValue>({
      id: own('list'),
      name: plain,
      section: own('section'),
      fields: list(field(one.id)),
      key: id('field', { within: () => one.id, gone: 'left out' }),
      default: list(rowOf(one)),
      samples: list(rowOf(one)),
      saved: saved(one.id),
    })(one, walk),
  );

const event: Part<GameEvent> = (one, walk) =>
  walk.with({ owner: one.id }, () =>
    record<GameEvent>({ id: own('event'), name: plain, fields: list(field(one.id)) })(one, walk),
  );

/** Puts in whose a thing at the top of the document is. */
const owned =
  <T extends { id: Id }>(part: Part<T>): Part<T> =>
  (one, walk) =>
    walk.with({ owner: one.id, on: null }, () => part(one, walk));

const asset = record<Asset>({
  id: own('asset'),
  name: plain,
  media: plain,
  finer: list(
    record<NonNullable<Asset['finer']>[number]>({ asset: id('asset', { gone: { drop: 'finer' } }) }),
  ),
  sheet: plain,
  solid: plain,
  characters: plain,
  face: plain,
});
const area = record<Area>({
  id: own('area'),
  name: plain,
  parent: id('area', { gone: { put: null } }),
  motion,
  music: optionalAsset,
});
const defaults = record<Defaults>({
  motion,
  layers: record<NonNullable<Defaults['layers']>>({
    base: motion,
    overlay: motion,
    notice: motion,
    hud: motion,
  }),
  order: plain,
});
const sound = record<SoundRules>({
  focus: optionalAsset,
  press: optionalAsset,
  back: optionalAsset,
  open: optionalAsset,
  volumes: record<NonNullable<SoundRules['volumes']>>({
    all: id('value'),
    music: id('value'),
    effects: id('value'),
  }),
  fade: plain,
});
const talk = record<TalkRules>({
  letter: plain,
  comma: plain,
  stop: plain,
  reading: record<NonNullable<TalkRules['reading']>>({
    base: plain,
    each: plain,
    min: plain,
    max: plain,
    scale: id('value'),
  }),
  auto: orElse(record<{ value: Id }>({ value: id('value') })),
});

const stoodFor = { gone: { drop: 'assets' } } as const;
const replaced = { gone: { drop: 'motions' } } as const;
const skin = record<Skin>({
  id: own('skin'),
  name: plain,
  when: condition,
  text: list(textUse),
  box: list(boxUse),
  colours: list(record<NonNullable<Skin['colours']>[number]>({ colour: id('colour'), is: colour })),
  assets: list(
    record<NonNullable<Skin['assets']>[number]>({ asset: id('asset', stoodFor), by: id('asset', stoodFor) }),
  ),
  motions: list(
    record<NonNullable<Skin['motions']>[number]>({
      motion: id('motion', replaced),
      by: id('motion', replaced),
    }),
  ),
});

const project = record<Project>({
  id: plain,
  name: plain,
  design: plain,
  rates: plain,
  defaults,
  start: id('screen'),
  actions: list(owned(record<Project['actions'][number]>({ id: own('action'), name: plain, keys: plain }))),
  input: plain,
  languages: plain,
  // What other languages say stands with the text it translates.
  texts: plain,
  translated: plain,
  wordings: plain,
  sound,
  events: list(event),
  areas: list(owned(area)),
  styles: record<Project['styles']>({
    text: list(owned(textStyle)),
    box: list(owned(boxStyle)),
    colours: list(owned(namedColour)),
    tooltip: record<TooltipLook>({ text: textUse, box: boxUse, after: plain }),
  }),
  skins: list(owned(skin)),
  motions: list(owned(madeMotion)),
  assets: list(owned(asset)),
  talk,
  // In the order of the table of texts.
  screens: list(screen),
  links: list(link),
  components: list(component),
  values: list(value),
  lists: list(listValue),
  speakers: list(speaker),
  routines: list(routine),
  conversations: list(conversation),
});

interface Wanted {
  /** What is gone through: all of the project, or some of its lists with some of their things. Paths begin there. */
  part?: Partial<Project>;
  /** Sorts of places. Absent: all. */
  only?: readonly Place['is'][];
  /** Texts without what they are in other languages. */
  untranslated?: true;
}

/** Tells of every place in a project at which an id, an expression or a text stands. */
export function eachPlace(
  whole: Project,
  visit: (place: Place) => void,
  { part = whole, only, untranslated }: Wanted = {},
): void {
  project(part, new Walk(whole, visit, only ? new Set(only) : null, !untranslated));
}

/** Every place, in the order of the table of texts. */
export function placesOf<S extends Place['is'] = Place['is']>(
  whole: Project,
  wanted: Wanted & { only?: readonly S[] } = {},
): Extract<Place, { is: S }>[] {
  const found: Place[] = [];
  eachPlace(whole, (place) => found.push(place), wanted);
  return found as Extract<Place, { is: S }>[];
}
