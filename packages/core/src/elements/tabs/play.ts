import {
  box,
  text,
  controlStyleOf,
  partAbout,
  partOf,
  ringed,
  inset,
  plain,
  indexOf,
  type Item,
  type ControlStyle,
  type DrawnPart,
} from '../../drawing';
import { inColour, inStates } from '../../style';
import type { Rect } from '../../geometry';
import type { Of, Play } from '../play';

function draw(element: Of<'tabs'>, face: ControlStyle): Item[] {
  const { project, rect, states, look, ink, held } = face;
  const chosen = indexOf(held, element.tabs.length);
  const width = rect.width / Math.max(1, element.tabs.length);
  const part = (name: 'strip' | 'mark') => partOf(project, element.parts?.[name], states);
  const [strip, mark] = [part('strip'), part('mark')];
  const behind = strip ? partAbout(strip, { ...rect, height: element.bar }) : [];
  const tabs = element.tabs.flatMap((words, i) => {
    const tab = { x: rect.x + i * width, y: rect.y, width, height: element.bar };
    const up = i === chosen;
    const face = up ? inStates(look, ['on']) : look;
    return [
      ...box(i === 0 ? element.id : null, inset(tab, { top: 0, right: 4, bottom: 0, left: 4 }), face),
      // Which tab is up is told by a bar besides colour.
      ...(up ? markOf(mark, tab, face.ink ?? ink.colour) : []),
      ...text(
        project,
        element.id,
        tab,
        words,
        { ...(face.ink ? inColour(ink, face.ink) : ink), align: 'centre' },
        'middle',
      ),
    ];
  });
  return [...behind, ...tabs];
}

/** What tells a tab that is up: a bar at its foot, or a part with a look of its own that stands there. */
function markOf(mark: DrawnPart | null, tab: Rect, colour: string): Item[] {
  if (!mark)
    return [
      plain(null, { x: tab.x + 16, y: tab.y + tab.height - 8, width: tab.width - 32, height: 5 }, colour),
    ];
  const { width = tab.width - 32, height = 5, look } = mark;
  const x = tab.x + (tab.width - width) / 2;
  return box(null, { x, y: tab.y + tab.height - height - 3, width, height }, look);
}

export const tabs: Play<Of<'tabs'>> = {
  changes: true,
  paint: (element, { project, rect, looks }) =>
    ringed(
      project,
      element,
      { ...rect, height: element.bar },
      looks,
      draw(element, controlStyleOf(project, element, rect, looks)),
    ),
  speak: {
    role: 'tablist',
    tell: ({ name, tabs }, { held }) => ({ name, tabs: { words: tabs, up: indexOf(held, tabs.length) } }),
  },
  // Tabs hold all that is on them; what has the focus is their bar.
  focus: bar,
  use: { takes: (use) => use !== 'confirm', along: { does: 'turns', part: bar } },
  holds: (element) => ({
    head: element.bar,
    pages: element.tabs.length,
    ...(element.value === undefined ? {} : { page: element.value }),
  }),
};

function bar(element: Of<'tabs'>, rect: Rect): Rect {
  return { ...rect, height: element.bar };
}
