import type { Link, Project, Screen, Value } from '../model';
import { down, event, link, Play, press, projectOf, screenOf } from './flows';

export const oil: Value & { type: 'number' } = {
  id: 'oil',
  name: 'oil',
  section: 'Lamp',
  life: 'session',
  type: 'number',
  min: 0,
  max: 100,
  default: 40,
};
export const lit: Value = {
  id: 'lit',
  name: 'lit',
  section: 'Lamp',
  life: 'progress',
  type: 'on/off',
  default: false,
};

/** The watch in an area, with a pause button beside it, pause, a confirm asked from two places, and a popup. */
export function season(over: Partial<Project> = {}, links: Link[] = []): Project {
  const hud = (id: string, shownWhen?: string, buttons: string[] = []): Screen =>
    screenOf(id, { layer: 'hud', area: 'play', ...(shownWhen ? { shownWhen } : {}) }, buttons);
  return projectOf(
    [
      screenOf('title', { kind: 'title' }, ['start', 'quit']),
      screenOf('watch', { kind: 'play', area: 'play' }),
      screenOf('storm', { kind: 'play', area: 'play' }),
      screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['resume', 'leave']),
      screenOf(
        'confirm',
        {
          layer: 'overlay',
          parameters: [{ id: 'q', name: 'question', type: 'text' }],
          outcomes: [
            { id: 'yes', name: 'yes' },
            { id: 'no', name: 'no' },
          ],
        },
        ['ok', 'cancel'],
      ),
      screenOf('lost', { layer: 'overlay', kind: 'popup' }, ['fine']),
      hud('gauge', 'oil > 0'),
      hud('button', '!isUp(pause)', ['menu']),
    ],
    [
      link('title', press('start'), 'go', 'watch'),
      link('title', press('quit'), 'open', 'confirm', { args: { q: '"Quit?"' } }),
      link('title', { on: 'returned', screen: 'confirm', outcome: 'yes' }, 'end'),
      link('button', press('menu'), 'open', 'pause'),
      link('watch', down('menu'), 'open', 'pause'),
      link('watch', event('storm'), 'go', 'storm'),
      link('pause', press('resume'), 'back'),
      link('pause', press('leave'), 'open', 'confirm', { args: { q: '"Leave with " + oil + " left?"' } }),
      link('pause', { on: 'returned', screen: 'confirm', outcome: 'yes' }, 'go', 'title'),
      link('confirm', press('ok'), 'back', undefined, { outcome: 'yes' }),
      link('confirm', press('cancel'), 'back', undefined, { outcome: 'no' }),
      ...links,
    ],
    { values: [oil, lit], areas: [{ id: 'play', name: 'Play', parent: null }], ...over },
  );
}

export const up = (play: Play) => play.state.huds.map((hud) => hud.screen);
export const set = (value: string, to: string | number | boolean) => ({
  type: 'value' as const,
  value,
  to,
  byHand: true,
});
