import {
  freeName,
  freshId,
  KINDS,
  type Axis,
  type Background,
  type ButtonElement,
  type Element,
  type Kind,
  type Layer,
  type Project,
  type Screen,
} from '../model';
import { dialoguePieces } from './dialogue';
import { at, body, card, centre, column, heading, panel, start } from './pieces';

const SEA = '#0b1c2c';
const BACKGROUNDS: Partial<Record<Kind, string>> = {
  splash: '#0a0f14',
  loading: '#0d1a26',
  play: '#17384f',
  'game over': '#1d1014',
};
const DIM = '#06101acc';

/** A screen of a kind in the house's style, with the buttons named. */
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
 * A new screen made from its sisters' pieces: the background, heading and button of the screen of the same kind, or else
 * layer, that was made last. Its name stands as its heading; it has a Back button, or none for a notice.
 */
export function draftScreen(
  project: Project,
  wanted: { name: string; kind: Kind; layer: Layer; text?: string },
): Screen {
  const name = freeName(
    wanted.name,
    project.screens.map((screen) => screen.name),
  );
  if (wanted.layer === 'notice') return draftNotice(project, name, wanted.text ?? wanted.name);
  const made = { ...screenOfKind(name, wanted.kind, ['Back']), layer: wanted.layer };
  if (wanted.layer === 'overlay' && KINDS[wanted.kind].layer !== 'overlay') {
    made.elements = card(name, ['Back']);
    made.background = { colour: DIM };
  }
  const sister = sisterOf(project, wanted.kind, wanted.layer);
  if (!sister) return made;
  made.background = copy<Background>(sister.background);
  if (wanted.kind === 'dialogue') return sister.kind === 'dialogue' ? likeSister(made, sister) : made;
  const pieces = piecesOf(sister);
  if (!pieces.heading || !pieces.button) return made;
  const title: Element = { ...copy(pieces.heading), id: freshId('e'), parent: null, text: name };
  const back: ButtonElement = {
    ...copy(pieces.button),
    id: freshId('e'),
    parent: null,
    name: 'Back',
    text: 'Back',
  };
  const box = pieces.panel ? [{ ...copy(pieces.panel), id: freshId('e'), parent: null }] : [];
  made.elements = [...box, title, back];
  return made;
}

/** All of a sister's elements, with ids of their own. */
function likeSister(made: Screen, { elements }: Screen): Screen {
  const ids = new Map(elements.map((element) => [element.id, freshId('e')]));
  const own = (id: string): string => ids.get(id) ?? id;
  made.elements = elements.map((element) => {
    const { place, parent } = copy(element);
    const hung = (axis: Axis): Axis =>
      'to' in axis && axis.to !== undefined ? { ...axis, to: own(axis.to) } : axis;
    return {
      ...copy(element),
      id: own(element.id),
      parent: parent === null ? null : own(parent),
      place: { x: hung(place.x), y: hung(place.y) },
    };
  });
  return made;
}

function draftNotice(project: Project, name: string, text: string): Screen {
  const sister = project.screens.filter(({ layer, says }) => layer === 'notice' && says === undefined).at(-1);
  const made = noticeOf(name, text, sister?.lasts ?? '2 s');
  if (!sister) return made;
  const ids = new Map(sister.elements.map((element) => [element.id, freshId('e')]));
  let written = false;
  made.background = copy(sister.background);
  made.elements = sister.elements.map((element) => {
    const fresh = {
      ...copy(element),
      id: ids.get(element.id)!,
      parent: element.parent && (ids.get(element.parent) ?? null),
    };
    if (fresh.type !== 'text' || written) return fresh;
    written = true;
    return { ...fresh, text };
  });
  return made;
}

function sisterOf(project: Project, kind: Kind, layer: Layer): Screen | undefined {
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
    heading: texts.find((each) => each.name === 'Heading') ?? texts[0],
    button: buttons.at(-1),
    panel: screen.elements.find((element) => element.type === 'panel'),
  };
}

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
