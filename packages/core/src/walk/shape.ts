import {
  byId,
  PROJECT,
  type Component,
  type ComponentParameter,
  type Element,
  type Field,
  type FieldType,
  type GameEvent,
  type Id,
  type ListValue,
  type Project,
  type Parameter,
  type Path,
  type Routine,
  type RoutineParameter,
  type Screen,
  type Value,
  valuesOf,
} from '../model';

/** What an id or a name stands for. */
export type Thing =
  | 'screen'
  | 'source'
  | 'link'
  | 'area'
  | 'component'
  | 'element'
  | 'element name'
  | 'animation'
  | 'action'
  | 'event'
  | 'field'
  | 'value'
  | 'list'
  | 'section'
  | 'option'
  | 'parameter'
  | 'outcome'
  | 'text style'
  | 'box style'
  | 'colour'
  | 'motion'
  | 'skin'
  | 'asset'
  | 'speaker'
  | 'face'
  | 'conversation'
  | 'routine'
  | 'step'
  | 'choice';

/** From the project down: names of fields, and places in lists. */
export type { Path };

/** What is done with a place when the thing it names goes. */
export type Gone =
  /** The place stays, and a check reports it. */
  | 'stays'
  /** The field is left out, or the entry of a record. */
  | 'left out'
  /** What it stands in goes as a whole: the motion that is of a made one, the marker that shows a picture. */
  | 'holder'
  /**
   * The field of this name around it goes, or what of it the place is in if it is a list; where there is none, the
   * place stays.
   */
  | {
      drop:
        | 'links'
        | 'effects'
        | 'steps'
        | 'faces'
        | 'finer'
        | 'order'
        | 'pictures'
        | 'assets'
        | 'motions'
        | 'sort';
    }
  /** Something else stands there. */
  | { put: null | '' | 'plain' | 'none' };

/**
 * What can be named where an expression or a text stands, besides values and screens: nearer names hide farther ones.
 */
export interface Around {
  /** Whose parameters: a screen's, component's or routine's id. */
  of: Id | null;
  parameters: readonly Nearby[];
  /** Whose fields. */
  event: Id | null;
  fields: readonly Nearby[];
  /** The list whose rows are asked about one after another, and the one a row of which is pressed. Absent: none. */
  rows?: { each?: RowsOf; pressed?: RowsOf };
  /** The link whose time texts here can name. Absent: none. */
  timer?: Id;
}
export type RowsOf = Pick<ListValue, 'id' | 'fields'>;
export type Nearby = Parameter | ComponentParameter | RoutineParameter | Field;

interface Placed {
  path: Path;
  /** The screen, area, component, style, speaker, conversation … it stands on, or `project`. */
  owner: Id;
  /** The link, element or step of that owner; null for the owner itself. */
  on: Id | null;
}

/** The id or name of something that is somewhere else. */
export interface IdPlace extends Placed {
  is: 'id';
  of: Thing;
  /** Elements inside placed components go by a path. */
  id: Id;
  /** What it is a part of: the owner of an element, the event of a field, the screen of an outcome … */
  within: Id | null;
  gone: Gone;
  /** It is a key of a record, the last of its path. */
  key?: true;
  /** What happens to a value or event there. Absent: it is read, or heard. */
  use?: 'sets' | 'both';
}
/** The id of what stands here itself. */
export interface OwnPlace extends Placed {
  is: 'own';
  of: Thing;
  id: Id;
  within: Id | null;
}
export interface ExpressionPlace extends Placed {
  is: 'expression';
  text: string;
  around: Around;
  /** What it has to give; null for anything. */
  wanted: FieldType | null;
  /** The parameter or field it is given to, and whose that is, by name. */
  gives?: { to: string; of: string };
}
/** What a player reads. */
export interface TextPlace extends Placed {
  is: 'text';
  text: string;
  /** An ICU message, in which names can stand; else plain words. */
  message: boolean;
  /** By what it goes in the table of texts. */
  key: string;
  around: Around;
  /** It stands there as an expression: in quotes. */
  quoted?: true;
  /** The language it is a translation into; null for the text itself. */
  language: string | null;
}
export type Place = IdPlace | OwnPlace | ExpressionPlace | TextPlace;

/** Goes through a value and tells of every place in it. */
export type Part<V> = (value: V, walk: Walk) => void;

/** Whether a field could hold an id, an expression or a text: all but numbers, switches, and words of a fixed set. */
type Speaks<V> = V extends string
  ? string extends V
    ? true
    : false
  : V extends number | boolean | null | undefined
    ? false
    : V extends readonly (infer Item)[]
      ? Speaks<Item>
      : true;

/** A part for every field that could hold an id, an expression or a text. One that a type gets anew has to be added. */
export type Fields<T> = {
  [K in keyof T as true extends Speaks<NonNullable<T[K]>> ? K : never]-?: Part<NonNullable<T[K]>>;
};

/** Holds neither ids nor expressions nor texts that players read. */
export const plain = (): void => undefined;

export function record<T extends object>(fields: Fields<T>): Part<T | Partial<T>> {
  const parts = Object.entries(fields).filter(([, part]) => part !== plain) as [string, Part<unknown>][];
  return (value, walk) => {
    for (const [name, part] of parts) {
      const held = (value as Record<string, unknown>)[name];
      if (held !== undefined && held !== null) walk.into(name, part, held);
    }
  };
}

/** What a type says of where it names things and asks; `about` is what parts of it belong to. */
interface Author<T> {
  references: object;
  about?: (value: T) => Id;
}

/**
 * One of several types that each say where they name things. A type's part is put together when it is first asked for, so
 * that types can be added; what is of no type there is names nothing.
 */
export function byAuthor<T extends object>(
  authorOf: (value: T) => Author<T> | undefined,
  common: object = {},
): Part<T> {
  const parts = new WeakMap<Author<T>, Part<T>>();
  return (value, walk) => {
    const author = authorOf(value);
    if (!author) return;
    let part = parts.get(author);
    if (!part) parts.set(author, (part = record({ ...author.references, ...common } as never) as Part<T>));
    if (author.about) walk.with({ beside: author.about(value) }, () => part(value, walk));
    else part(value, walk);
  };
}

export const list =
  <T>(part: Part<T>): Part<readonly T[]> =>
  (values, walk) => {
    for (let i = 0; i < values.length; i++) walk.into(i, part, values[i]!);
  };

/** Of a union, what its field tells to be this one. */
export type Among<T, K extends keyof T, Name> = T extends unknown ? (Name extends T[K] ? T : never) : never;

/** One of several types, told by a field. */
export const choose =
  <T extends object, K extends keyof T>(
    field: K,
    table: { [Name in T[K] & string]: Part<Among<T, K, Name>> },
  ): Part<T> =>
  (value, walk) =>
    (table as unknown as Record<string, Part<T>>)[(value as Record<K, string>)[field]]?.(value, walk);

/** Words of a fixed set, or more than that. */
export const orElse =
  <T extends object>(part: Part<T>): Part<T | string> =>
  (value, walk) => {
    if (typeof value === 'object') part(value, walk);
  };

interface IdOptions {
  gone?: Gone;
  within?: (walk: Walk) => Id | null;
  use?: IdPlace['use'];
  /** What may stand there in place of an id. */
  but?: readonly string[];
}

export const id =
  (of: Thing, { gone = 'stays', within, use, but }: IdOptions = {}): Part<string> =>
  (value, walk) => {
    if (!walk.tells('id') || but?.includes(value)) return;
    walk.tell({ is: 'id', of, id: value, within: within?.(walk) ?? null, gone, ...(use ? { use } : {}) });
  };

export const own =
  (of: Thing, within?: (walk: Walk) => Id | null): Part<Id> =>
  (value, walk) => {
    if (walk.tells('own')) walk.tell({ is: 'own', of, id: value, within: within?.(walk) ?? null });
  };

export const NOTHING_AROUND: Around = { of: null, parameters: [], event: null, fields: [] };

type Context = 'owner' | 'on' | 'element' | 'holder' | 'beside' | 'key' | 'around' | 'asked' | 'routine';

/**
 * Where the walk is, and what it tells. `project` is looked things up in; what is walked may be a part of it, or of
 * another.
 */
export class Walk {
  readonly path: (string | number)[] = [];
  owner: Id = PROJECT;
  on: Id | null = null;
  /** The element it is in. */
  element: Element | null = null;
  /** Whose elements those are that are named by id. */
  holder: Id = PROJECT;
  /**
   * The id that what stands with it depends on: of the screen that is told something, the component that is placed …
   */
  beside: Id = '';
  /** What texts go by here. */
  key = '';
  around: Around = NOTHING_AROUND;
  /** Around expressions, where that is less than around texts. */
  asked: Around = NOTHING_AROUND;
  /** The routine whose parameters may stand in place of ids. */
  routine: Routine | null = null;

  constructor(
    readonly project: Project,
    readonly visit: (place: Place) => void,
    /** The sorts of places to tell of; null for all. */
    readonly wanted: ReadonlySet<Place['is']> | null = null,
    readonly translations = true,
  ) {}

  into<T>(step: string | number, part: Part<T>, value: T): void {
    this.path.push(step);
    part(value, this);
    this.path.pop();
  }

  /** Goes on with something set otherwise, and back. */
  with(change: Partial<Pick<Walk, Context>>, go: () => void): void {
    const own = this as Record<string, unknown>;
    const before: Record<string, unknown> = {};
    for (const name in change) before[name] = own[name];
    Object.assign(own, change);
    go();
    Object.assign(own, before);
  }

  /** Tells of a place here, or of one elsewhere. */
  tell(
    place:
      | Omit<IdPlace, keyof Placed>
      | Omit<OwnPlace, keyof Placed>
      | Omit<ExpressionPlace, keyof Placed>
      | Omit<TextPlace, keyof Placed>,
    path?: Path,
  ): void {
    if (!this.tells(place.is)) return;
    const told = place as Place;
    told.path = path ?? this.path.slice();
    told.owner = this.owner;
    told.on = this.on;
    this.visit(told);
  }

  tells(sort: Place['is']): boolean {
    return this.wanted === null || this.wanted.has(sort);
  }

  expression(text: string, wanted: FieldType | null, gives?: ExpressionPlace['gives']): void {
    this.tell({ is: 'expression', text, around: this.asked, wanted, ...(gives ? { gives } : {}) });
  }

  /** A text, and what it is in other languages. */
  text(text: string, key: string, message: boolean, quoted?: true): void {
    const { around } = this;
    if (quoted) this.tell({ is: 'text', text, message, key, around, language: null, quoted });
    else this.tell({ is: 'text', text, message, key, around, language: null });
    const { texts } = this.project;
    if (!this.translations) return;
    for (const language in texts) {
      const said = texts[language]![key];
      if (said !== undefined)
        this.tell({ is: 'text', text: said, message, key, around, language }, ['texts', language, key]);
      const from = this.project.translated?.[language]?.[key]?.from;
      if (from !== undefined)
        this.tell({ is: 'text', text: from, message, key, around, language }, [
          'translated',
          language,
          key,
          'from',
        ]);
    }
  }

  // Made once a walk: a project that is being changed keeps no index.
  #screens?: ReadonlyMap<Id, Screen>;
  #components?: ReadonlyMap<Id, Component>;
  #events?: ReadonlyMap<Id, GameEvent>;
  #values?: ReadonlyMap<Id, Value>;
  #routines?: ReadonlyMap<Id, Routine>;
  #lists?: ReadonlyMap<Id, ListValue>;
  get screens(): ReadonlyMap<Id, Screen> {
    return (this.#screens ??= byId(this.project.screens));
  }
  get components(): ReadonlyMap<Id, Component> {
    return (this.#components ??= byId(this.project.components));
  }
  get events(): ReadonlyMap<Id, GameEvent> {
    return (this.#events ??= byId(this.project.events));
  }
  get values(): ReadonlyMap<Id, Value> {
    return (this.#values ??= byId(valuesOf(this.project)));
  }
  get lists(): ReadonlyMap<Id, ListValue> {
    return (this.#lists ??= byId(this.project.lists));
  }
  get routines(): ReadonlyMap<Id, Routine> {
    return (this.#routines ??= byId(this.project.routines));
  }
}

const CONDITION: FieldType = { type: 'on/off' };
export const condition: Part<string> = (text, walk) => walk.expression(text, CONDITION);

/** A text in which names can stand; `key` says how it goes on from what it stands on. */
export const message =
  (key: (walk: Walk) => string = (walk) => walk.key): Part<string> =>
  (text, walk) =>
    walk.text(text, key(walk), true);

export const words =
  (key: (walk: Walk) => string): Part<string> =>
  (text, walk) =>
    walk.text(text, key(walk), false);
