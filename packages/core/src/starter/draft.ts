import {
  freeName,
  freshId,
  KINDS,
  type Placement,
  type Background,
  type Element,
  type Kind,
  type Layer,
  type Project,
  type Screen,
  copyOf,
} from '../model';
import { dialoguePieces } from './dialogue';
import { at, body, card, centre, column, end, heading, panel, start } from './pieces';

const SEA = '#0b1c2c';
const BACKGROUNDS: Partial<Record<Kind, string>> = {
  splash: '#0a0f14',
  loading: '#0d1a26',
  play: '#17384f',
  'game over': '#1d1014',
};
const DIM = '#06101acc';

/** A screen of a kind in the default style, with the buttons named. */
export function screenOfKind(name: string, kind: Kind, labels: readonly string[] = []): Screen {
  const layer = KINDS[kind].layer;
  return {
    id: freshId('s'),
    name,
    kind,
    layer,
    background: { colour: layer === 'base' ? (BACKGROUNDS[kind] ?? SEA) : DIM },
    elements: elementsOf(name, kind, labels),
  };
}

function elementsOf(name: string, kind: Kind, labels: readonly string[]): Element[] {
  switch (kind) {
    case 'splash':
      return [heading(name, at(centre(0, '80%'), centre(0, 84)))];
    case 'loading':
      return [
        heading(name, at(centre(0, '80%'), centre(-30, 84))),
        body('Hint', 'One moment', at(centre(0, '60%'), centre(60, 50)), 'centre'),
      ];
    case 'play':
      return [body('Place', name, at(start(60, 700), start(50, 50)))];
    case 'game over':
      return [
        heading(name, at(centre(0, '80%'), centre(-20, 84))),
        ...column(labels, { x: 'middle', y: 160 }),
      ];
    case 'pause':
    case 'options':
    case 'popup':
      return card(name, labels);
    case 'dialogue':
      return dialoguePieces();
    default:
      return [
        heading(
          name,
          at(start(180, 1200), start(220, 130)),
          kind === 'title' ? 't-title' : 't-heading',
          'start',
        ),
        ...column(labels, { x: 'left', y: 460 }),
      ];
  }
}

/** A timed message at the top of the frame. */
export function noticeOf(name: string, text: string, lasts: string): Screen {
  const box = panel(at(centre(0, 760), start(70, 96)));
  return {
    id: freshId('s'),
    name,
    kind: 'custom',
    layer: 'notice',
    lasts,
    background: { colour: '#00000000' },
    elements: [box, { ...body('Text', text, at(centre(0, 700), start(95, 50)), 'centre') }],
  };
}

/**
 * A new screen made from its siblings' pieces: the background, heading and buttons of the screen of the same kind, or else
 * layer, that was made last. Its name stands as its heading; `labels` are its buttons.
 */
export function draftScreen(
  project: Project,
  wanted: { name: string; kind: Kind; layer: Layer; text?: string; labels?: readonly string[] },
): Screen {
  const { labels = [] } = wanted;
  const name = freeName(
    wanted.name,
    project.screens.map((screen) => screen.name),
  );
  if (wanted.layer === 'notice') return draftNotice(project, name, wanted.text ?? wanted.name);
  if (wanted.layer === 'hud') return draftHud(project, name, wanted.kind);
  const made = { ...screenOfKind(name, wanted.kind, labels), layer: wanted.layer };
  if (wanted.layer === 'overlay' && KINDS[wanted.kind].layer !== 'overlay') {
    made.elements = card(name, labels);
    made.background = { colour: DIM };
  }
  const sibling = siblingOf(project, wanted.kind, wanted.layer);
  if (!sibling) return made;
  made.background = copyOf<Background>(sibling.background);
  if (wanted.kind === 'dialogue') return sibling.kind === 'dialogue' ? likeSibling(made, sibling) : made;
  const { heading: title, buttons, panel: box } = piecesOf(sibling);
  const fresh = <E extends Element>(piece: E): E => ({ ...copyOf(piece), id: freshId('e'), parent: null });
  if (labels.length === 1 && title && buttons.length > 0) {
    const back = { ...fresh(buttons.at(-1)!), name: labels[0]!, text: labels[0]! };
    made.elements = [...(box ? [fresh(box)] : []), { ...fresh(title), text: name }, back];
    return made;
  }
  // Several buttons are laid out anew; they have the sibling's look.
  const like = buttons.at(-1);
  made.elements = made.elements.map((element) => {
    if (element.type === 'button' && like)
      return { ...element, look: copyOf(like.look), box: copyOf(like.box) };
    return element.type === 'text' && element.name === 'Heading' && title
      ? { ...element, look: copyOf(title.look) }
      : element;
  });
  return made;
}

/** Where HUD pieces are put: each next one in another corner within the safe margin, the last where a screen's name stands. */
const CORNERS = [
  at(end('5%', 420), start('5%', 48)),
  at(start('5%', 420), end('5%', 48)),
  at(end('5%', 420), end('5%', 48)),
  at(start('5%', 420), start('5%', 48)),
];

/** What is up beside the bases: a few words in a corner, with nothing behind them. */
function draftHud(project: Project, name: string, kind: Kind): Screen {
  const others = project.screens.filter(({ layer }) => layer === 'hud').length;
  const corner = others % CORNERS.length;
  return {
    id: freshId('s'),
    name,
    kind,
    layer: 'hud',
    background: { colour: '#00000000' },
    elements: [
      {
        ...body('Words', name, copyOf(CORNERS[corner]!)),
        look: { style: 't-body', align: corner % 2 === 0 ? 'end' : 'start' },
      },
    ],
  };
}

/** All of a sibling's elements, with ids of their own. */
function likeSibling(made: Screen, { elements }: Screen): Screen {
  const ids = new Map(elements.map((element) => [element.id, freshId('e')]));
  const own = (id: string): string => ids.get(id) ?? id;
  made.elements = elements.map((element) => {
    const { place, parent } = copyOf(element);
    const hung = (placement: Placement): Placement =>
      'to' in placement && placement.to !== undefined ? { ...placement, to: own(placement.to) } : placement;
    return {
      ...copyOf(element),
      id: own(element.id),
      parent: parent === null ? null : own(parent),
      place: { x: hung(place.x), y: hung(place.y) },
    };
  });
  return made;
}

function draftNotice(project: Project, name: string, text: string): Screen {
  const sibling = project.screens
    .filter(({ layer, says }) => layer === 'notice' && says === undefined)
    .at(-1);
  const made = noticeOf(name, text, sibling?.lasts ?? '2 s');
  if (!sibling) return made;
  const ids = new Map(sibling.elements.map((element) => [element.id, freshId('e')]));
  let written = false;
  made.background = copyOf(sibling.background);
  made.elements = sibling.elements.map((element) => {
    const fresh = {
      ...copyOf(element),
      id: ids.get(element.id)!,
      parent: element.parent && (ids.get(element.parent) ?? null),
    };
    if (fresh.type !== 'text' || written) return fresh;
    written = true;
    return { ...fresh, text };
  });
  return made;
}

function siblingOf(project: Project, kind: Kind, layer: Layer): Screen | undefined {
  const like = project.screens.filter((screen) => screen.layer === layer);
  return (
    like.filter((screen) => screen.kind === kind).at(-1) ??
    like.filter((screen) => screen.elements.some((element) => element.type === 'button')).at(-1) ??
    like.at(-1)
  );
}

function piecesOf(screen: Screen) {
  const texts = screen.elements.filter((element) => element.type === 'text');
  const buttons = screen.elements.filter((element) => element.type === 'button');
  return {
    heading: texts.find((text) => text.name === 'Heading') ?? texts[0],
    buttons,
    panel: screen.elements.find((element) => element.type === 'panel'),
  };
}
