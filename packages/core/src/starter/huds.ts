import { freeName, freshId, type Id, type Layer, type Project } from '../model';

/** HUD pieces are up beside the screens one plays on, and beside no other. */

/** Whether a screen's name suggests a HUD piece. */
export const isHudName = (name: string): boolean =>
  /\b(hud|heads-up|always on)\b|^(the )?score$/i.test(name.trim());

/** The layers in the order in which a new screen of a name is offered them. */
export const layersFor = (name: string): readonly Layer[] =>
  isHudName(name) ? ['hud', 'base', 'overlay', 'notice'] : ['base', 'overlay', 'notice', 'hud'];

/**
 * The area a new HUD piece goes into, so that it is up in play and nowhere else: that of the play screen, or a new one
 * around all play screens. Undefined where there is no play screen yet; the piece is then up everywhere.
 */
export function areaForHud(project: Project): Id | undefined {
  const plays = project.screens.filter(({ kind, layer }) => kind === 'play' && layer === 'base');
  const known = plays.find(({ area }) => area !== undefined)?.area;
  if (known !== undefined || plays.length === 0) return known;
  const area = {
    id: freshId('a'),
    name: freeName(
      'In play',
      project.areas.map(({ name }) => name),
    ),
    parent: null,
  };
  project.areas.push(area);
  for (const play of plays) play.area = area.id;
  return area.id;
}
