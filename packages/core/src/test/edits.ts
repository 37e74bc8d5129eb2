import fc from 'fast-check';
import { takeElements, takeScreens, takeSkin, type Arguments, type CommandName } from '../edit';
import { blankProject, screenById, type Asset, type Id, type Project } from '../model';
import { SETS } from '../starter';
import { buttonOf } from './flows';

/**
 * Some edit of a project: any command there is, with arguments that are valid for what the project has, or for what
 * is gone.
 */

export type AnyEdit = { [N in CommandName]: { name: N; args: Arguments<N> } }[CommandName];

interface Drawn {
  n: number;
  m: number;
  text: string;
}

/** What arguments are made of: things of the project by their place, so that they fit any project. */
function pick(project: Project, { n, m, text }: Drawn) {
  const at = <T extends { id: Id }>(list: readonly T[] | undefined, i = n): Id =>
    list && list.length > 0 ? list[i % list.length]!.id : 'none';
  const screen = at(project.screens);
  const found = screenById(project, screen);
  const event = at(project.events);
  const talk = at(project.conversations, m);
  const asset = (id: Id): Asset => ({ id, name: text, media: 'image/png', width: 9, height: 9, bytes: 9 });
  return {
    ...{ n, m, text, screen, event, talk, asset },
    other: at(project.screens, n + 1),
    element: at(found?.elements, m),
    sibling: at(found?.elements, n) === 'none' ? null : at(found?.elements, n),
    link: at(project.links),
    component: at(project.components, m),
    value: at(project.values),
    list: at(project.lists),
    listField: at(project.lists?.[n % project.lists.length]?.fields, m),
    area: at(project.areas),
    action: at(project.actions),
    speaker: at(project.speakers),
    routine: at(project.routines),
    motion: at(project.motions),
    picture: at(project.assets, m),
    text_: at(project.styles.text),
    box: at(project.styles.box),
    skin: at(project.skins),
    colour: at(project.styles.colours),
    parameter: at(found?.parameters),
    outcome: at(found?.outcomes),
    field: at(project.events.find((gameEvent) => gameEvent.id === event)?.fields),
    step: at(project.conversations?.find((conversation) => conversation.id === talk)?.steps),
  };
}
type Picked = ReturnType<typeof pick>;

/** An id that nothing has, as the window makes them. */
function free(project: Project, start: string): Id {
  const document = JSON.stringify(project);
  let n = 0;
  while (document.includes(`"${start}${n}"`)) n++;
  return `${start}${n}`;
}

const { styles } = blankProject('');
const arrival = { on: 'arrival' } as const;
const made = (screen: Id) => ({ from: screen, trigger: arrival, kind: 'go' as const, effects: [] });

/** Arguments for every command: one that the registry has anew has to be added here. */
const ARGUMENTS: { [N in CommandName]: (drawn: Picked, project: Project) => Arguments<N> } = {
  'bring layers': ({ screen, text, n, asset }, project) => ({
    screen,
    file: 'menu.ora',
    width: 960,
    height: 540,
    layers: [
      {
        name: text,
        path: 'g',
        group: null,
        x: 0,
        y: 0,
        opacity: 1,
        hidden: false,
        blend: 'normal',
        art: null,
      },
      {
        ...{
          name: text,
          path: 'g/a',
          group: 'g',
          x: n,
          y: 4,
          opacity: 0.5,
          hidden: n % 2 > 0,
          blend: 'screen',
        },
        art: { asset: asset(free(project, 'i-layer')), mark: `9-${n}` },
      },
    ],
  }),
  'add list': ({ text: name }) => ({ name }),
  'rename list': ({ list, text: name }) => ({ list, name }),
  'change list': ({ list, listField, m }) => ({
    list,
    change: m % 2 ? { key: listField } : { max: 1 + m, key: undefined },
  }),
  'delete list': ({ list }) => ({ list }),
  'add list field': ({ list, text: name }) => ({ list, name, type: { type: 'picture' } }),
  'change list field': ({ list, listField: field, text: name, m }) => ({
    list,
    field,
    change: m % 2 ? { name } : { type: 'number', max: 9 },
  }),
  'delete list field': ({ list, listField: field }) => ({ list, field }),
  'add saved games list': ({ text: name }) => ({ name }),
  'name slots': ({ list, text, n }) => ({ list, slots: [text || '1', `${n}`] }),
  'tell of saved value': ({ list, value, m }) => ({ list, value, told: m % 3 > 0 }),
  'make row': ({ list, n }) => ({ list, width: 100 + n, height: 40, look: { style: 't-body' } }),
  'change rows': ({ list, listField, n, text }) => ({
    list,
    of: n % 2 ? 'default' : 'samples',
    rows: [{ [listField]: text }, { [listField]: true }],
  }),
  'add skin': ({ text: name, skin }) => ({ name, like: skin }),
  'change skin': ({ skin, picture, m }) => ({
    skin,
    change: m % 2 ? { when: 'lit' } : { assets: [{ asset: picture, by: picture }] },
  }),
  'place skin': ({ skin, m }, project) => ({ skin, before: project.skins?.[m]?.id ?? null }),
  'paste skin': ({ skin }, project) => ({ from: takeSkin(project, skin) }),
  'delete skin': ({ skin }) => ({ skin }),
  'rename project': ({ text: name }) => ({ name }),
  'change defaults': ({ n }) => ({ motion: { name: 'fade', duration: `${n} ms` } }),
  'change rates': ({ n }) => ({ frames: 1 + n }),
  'change start': ({ screen }) => ({ screen }),
  'add screen': ({ text, m }) =>
    m % 2 ? { name: text, kind: 'pause' } : { name: text, layer: 'notice', text },
  'rename screen': ({ screen, text: name }) => ({ screen, name }),
  'change screen': ({ screen }) => ({ screen, change: { layer: 'overlay', minTime: undefined } }),
  'change screens': ({ screen, other }) => ({ screens: [screen, other], change: { kind: 'popup' } }),
  'duplicate screens': ({ screen }) => ({ screens: [screen] }),
  'paste screens': ({ screen }, project) => ({ from: takeScreens(project, [screen]) }),
  'delete screens': ({ screen }) => ({ screens: [screen] }),
  'add link': ({ screen, text }) => ({ ...made(screen), to: { gap: text } }),
  'change link': ({ link }) => ({
    link,
    change: { trigger: { on: 'action', action: 'back', when: 'down' } },
  }),
  'ask first': ({ link }) => ({ link }),
  'delete link': ({ link }) => ({ link }),
  'place link': ({ link, m }, project) => ({ link, before: project.links[m]?.id ?? null }),
  'link to new screen': ({ m, link, screen, text }) => ({
    link: m % 2 ? link : made(screen),
    name: text,
    layer: 'base',
  }),
  'link to new notice': ({ m, link, screen, text }) => ({
    link: m % 2 ? link : { ...made(screen), kind: 'stay' },
    name: text,
    text,
  }),
  'add set': ({ screen, n, text }) => ({ screen, set: Object.keys(SETS)[n] ?? text }),
  'add element': ({ screen, m, text }) => ({ screen, element: { ...buttonOf('', 40 * m), name: text } }),
  'change element': ({ screen, element, m, text }) =>
    m % 2
      ? { screen, element, change: { opacity: 0.5 } }
      : { screen, element: `${element}/in0`, change: { text }, here: m % 4 > 0 },
  'change elements': ({ screen, element, sibling }) => ({
    screen,
    changes: [element, sibling ?? 'none'].map((value) => ({ element: value, change: { lift: 1 } })),
  }),
  'delete elements': ({ screen, element }) => ({ screen, elements: [element] }),
  'place elements': ({ screen, element, sibling, m }) => ({
    screen,
    elements: [element],
    parent: m % 2 ? sibling : null,
    before: m % 2 ? null : sibling,
  }),
  'duplicate elements': ({ screen, element, sibling }) => ({
    screen,
    elements: [element, sibling ?? 'none'],
  }),
  'stack elements': ({ screen, element, sibling, m }) => ({
    screen,
    elements: [element, sibling ?? 'none'],
    by: m % 2 ? 'column' : 'row',
  }),
  'paste elements': ({ screen, other, element }, project) => ({
    screen: other,
    from: takeElements(project, screen, [element]) ?? project,
  }),
  'make component': ({ screen, element, text: name }) => ({ screen, elements: [element], name }),
  'change component': ({ component, n }) => ({ component, change: { width: 100 + n } }),
  'delete component': ({ component }) => ({ component }),
  'dissolve component': ({ screen, element }) => ({ screen, element }),
  'add component parameter': ({ component, text: name }) => ({
    component,
    parameter: { type: 'text', name, default: '' },
  }),
  'change component parameter': ({ component, text: name }) => ({
    component,
    parameter: 'said',
    change: { name },
  }),
  'delete component parameter': ({ component }) => ({ component, parameter: 'said' }),
  'reset place': ({ screen, element }) => ({ screen, element }),
  'change design': ({ n }) => ({ width: 800 + n, fits: 'adapt' }),
  'add text style': ({ text: name }) => ({ ...styles.text[0]!, name }),
  'add box style': ({ text: name }) => ({ ...styles.box[0]!, name }),
  'change text style': ({ text_: style, n }) => ({ style, change: { size: 10 + n } }),
  'change box style': ({ box: style, n }) => ({ style, change: { corner: n } }),
  'delete text style': ({ text_: style }) => ({ style }),
  'delete box style': ({ box: style }) => ({ style }),
  'add colour': ({ text: name }) => ({ name, colour: '#123456' }),
  'change colour': ({ colour }) => ({ colour, change: { colour: '#654321' } }),
  'delete colour': ({ colour }) => ({ colour }),
  'change tooltips': ({ n, box }) => ({ box: { style: box }, after: `${n} ms` }),
  'add motion': ({ text: name }) => ({ name }),
  'change motion': ({ motion, text: name }) => ({ motion, change: { name } }),
  'delete motion': ({ motion }) => ({ motion }),
  'add assets': ({ asset }, project) => ({ assets: [asset(free(project, 'i-'))] }),
  'change asset': ({ picture, text: name }) => ({ asset: picture, change: { name } }),
  'replace asset': ({ picture, asset }, project) => ({ asset: picture, by: asset(free(project, 'i-')) }),
  'delete assets': ({ picture }) => ({ assets: [picture] }),
  'add value': ({ text: name }) => ({ type: 'number', name }),
  'rename value': ({ value, text: name }) => ({ value, name }),
  'change value': ({ value, text }) => ({ value, change: { section: text } }),
  'change type': ({ value }) => ({ value, type: { type: 'text' } }),
  'delete value': ({ value }) => ({ value }),
  'add event': ({ text: name, m }) => ({ name, direction: m % 2 ? 'in' : 'out' }),
  'rename event': ({ event, text: name }) => ({ event, name }),
  'delete event': ({ event }) => ({ event }),
  'add field': ({ event, text: name }) => ({ event, name, type: { type: 'text' } }),
  'change field': ({ event, field, text: name }) => ({ event, field, change: { name } }),
  'delete field': ({ event, field }) => ({ event, field }),
  'add parameter': ({ screen, text: name }) => ({ screen, name, type: { type: 'picture' } }),
  'change parameter': ({ screen, parameter, text: name }) => ({ screen, parameter, change: { name } }),
  'delete parameter': ({ screen, parameter }) => ({ screen, parameter }),
  'add outcome': ({ screen, text: name }) => ({ screen, name }),
  'rename outcome': ({ screen, outcome, text: name }) => ({ screen, outcome, name }),
  'delete outcome': ({ screen, outcome }) => ({ screen, outcome }),
  'add area': ({ text: name, screen }) => ({ name, screens: [screen] }),
  'change area': ({ m }) => ({ area: m % 2 ? 'r0' : 'r1', change: { parent: m % 2 ? 'r1' : 'r0' } }),
  'delete area': ({ area }) => ({ area }),
  'move to area': ({ screen, area }) => ({ screens: [screen], area: area === 'none' ? null : area }),
  'tidy map': () => ({}),
  'order screens': ({ screen, other }) => ({ screens: [screen, other] }),
  'add action': ({ text: name }) => ({ name, keys: ['KeyM'], pad: [] }),
  'change action': ({ action }) => ({ action, change: { keys: ['KeyJ'] } }),
  'delete action': ({ action }) => ({ action }),
  'change input': ({ n }) => ({ repeatAfter: `${100 + n} ms` }),
  'change sound': ({ n }) => ({ under: n / 20 }),
  'lead focus': ({ screen, element, sibling }) => ({ screen, from: element, direction: 'down', to: sibling }),
  'change focus': ({ screen, element }) => ({ screen, change: { order: [element] } }),
  'add language': () => ({ code: 'fi', name: 'Finnish' }),
  'change language': ({ text: name }) => ({ code: 'de', to: { code: 'nl', name } }),
  'delete language': () => ({ code: 'de' }),
  translate: ({ screen, element, text }) => ({ language: 'de', key: `${screen} ${element}`, text }),
  'change translated': ({ screen, element }) => ({
    language: 'de',
    key: `${screen} ${element}`,
    state: 'final',
  }),
  'replace words': ({ screen, element, text, m }) => ({
    find: m % 2 ? 'e' : 'a',
    put: text,
    language: m % 3 === 0 ? 'de' : null,
    exact: m % 5 === 0,
    keys: [`${screen} ${element}`, `${screen} ${element} tooltip`],
  }),
  'note wording': ({ screen, element, n }) => ({ key: `${screen} ${element}`, maxLength: 1 + n }),
  'take texts': ({ screen, element, text }) => ({
    language: 'de',
    texts: [
      {
        key: `${screen} ${element}`,
        source: null,
        target: text,
        state: 'translated',
        note: null,
        maxLength: null,
      },
    ],
  }),
  'add conversation': ({ text: name, screen }) => ({ name, screen }),
  'change conversation': ({ talk, text: name }) => ({ conversation: talk, change: { name } }),
  'delete conversation': ({ talk }) => ({ conversation: talk }),
  'add routine': ({ text: name }) => ({ name }),
  'change routine': ({ routine, text: name }) => ({
    routine,
    change: { parameters: [{ id: 'q-who', name, type: 'text' }] },
  }),
  'delete routine': ({ routine }) => ({ routine }),
  'add speaker': ({ text: name }) => ({ name }),
  'change speaker': ({ speaker }) => ({ speaker, change: { side: 'right' } }),
  'rename face': ({ speaker, text: to }) => ({ speaker, from: 'calm', to }),
  'delete speaker': ({ speaker }) => ({ speaker }),
  'change talk': ({ n }) => ({ letter: `${n} ms` }),
  'put steps': ({ talk, text }, project) => ({
    owner: talk,
    steps: [{ id: free(project, 'z'), step: 'line', speaker: null, text }],
    after: null,
  }),
  'change step': ({ talk, step, text: note }) => ({ owner: talk, step, change: { note } }),
  'delete steps': ({ talk, step }) => ({ owner: talk, steps: [step] }),
  'move steps': ({ talk, step }) => ({ owner: talk, steps: [step], by: 1 }),
  'duplicate steps': ({ talk, step }) => ({ owner: talk, steps: [step] }),
};

export const COMMANDS = Object.keys(ARGUMENTS) as CommandName[];

/** One command by its name, with arguments for a project. */
export const editOf = (name: CommandName, project: Project, drawn: Drawn): AnyEdit => {
  const args = (ARGUMENTS[name] as (drawn: Picked, project: Project) => unknown)(
    pick(project, drawn),
    project,
  );
  return { name, args } as AnyEdit;
};

export const anyDrawn: fc.Arbitrary<Drawn> = fc.record({
  n: fc.nat(20),
  m: fc.nat(5),
  text: fc.string({ minLength: 1, maxLength: 20 }).map((value) => value.trim() || 'x'),
});

export const anyEdit: fc.Arbitrary<(project: Project) => AnyEdit> = fc
  .tuple(fc.constantFrom(...COMMANDS), anyDrawn)
  .map(
    ([name, drawn]) =>
      (project: Project) =>
        editOf(name, project, drawn),
  );
