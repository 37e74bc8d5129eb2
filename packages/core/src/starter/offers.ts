import {
  KINDS,
  screenById,
  settled,
  type Id,
  type Kind,
  type Layer,
  type Link,
  type Project,
  type Screen,
} from '../model';

/** A button that a screen has from the beginning, and what it does. */
export interface Offer {
  label: string;
  kind: Link['kind'];
  /** Where it leads; a button that has nowhere to lead yet is left to be played into existence. */
  to?: Screen;
  /** Actions that do the same. */
  actions?: readonly Id[];
}

const BACK: Offer = { label: 'Back', kind: 'back', actions: ['back'] };

/**
 * The buttons of a screen that is made in a project that stands, by a link of `maker`: a screen, an area or the project;
 * null where nothing leads to it yet.
 */
export function offersOf(
  project: Project,
  { kind, layer }: { kind: Kind; layer: Layer },
  maker: Id | null,
): Offer[] {
  const first = (wanted: Kind): Screen | undefined =>
    project.screens.find((screen) => screen.kind === wanted);
  const made = maker === null ? undefined : screenById(project, maker);
  if (layer === 'notice' || layer === 'hud') return [];
  if (layer === 'overlay')
    return kind === 'pause'
      ? [
          { label: 'Resume', kind: 'back', actions: ['menu', 'back'] },
          { label: 'Options', kind: 'open', to: first('options') },
          { label: 'Leave', kind: 'go', to: first('title') },
        ]
      : [BACK];
  if (kind === 'title')
    return [
      { label: 'Start', kind: 'go', to: first('play') },
      { label: 'Options', kind: 'open', to: first('options') },
      { label: 'Quit', kind: 'end' },
    ];
  if (kind === 'game over')
    return [{ label: 'Again', kind: 'go', to: made?.kind === 'play' ? made : first('play') }];
  // Back leads along the trail, so that something has to be on it.
  const returns = made ? settled(made).trail !== 'skipped' : project.screens.length > 0;
  return returns && KINDS[kind].trail === 'keeps' ? [BACK] : [];
}
