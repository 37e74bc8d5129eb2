import {
  areasAround,
  screenById,
  type Area,
  type Id,
  type Layer,
  type Link,
  type Motion,
  type Order,
  type Project,
  type Screen,
  withId,
  isAlike,
} from '../model';

/** A motion, and the screen or area that says so; null is the default motion. */
export interface MotionRule {
  motion: Motion;
  owner: Screen | Area | null;
}

/** How a link would move if it said nothing itself. */
export function ruleFor(project: Project, link: Link): MotionRule & { order: Order } {
  const target = link.to && 'screen' in link.to ? screenById(project, link.to.screen) : undefined;
  const screen = target ?? screenById(project, link.from);
  const { order } = project.defaults;
  return screen?.motion
    ? { motion: screen.motion, owner: screen, order }
    : { ...ruleAround(project, screen?.area ?? null, screen?.layer), order };
}

/**
 * How a screen in an area moves when it says nothing itself: as the innermost area that does, its layer, or the
 * default motion.
 */
export function ruleAround(project: Project, within: Id | null, layer?: Layer): MotionRule {
  for (const id of areasAround(project, within)) {
    const area = withId(project.areas, id);
    if (area?.motion) return { motion: area.motion, owner: area };
  }
  const { motion, layers } = project.defaults;
  return { motion: (layer && layers?.[layer]) ?? motion, owner: null };
}

/** Whether a link is an exception: it moves otherwise than it would by itself. */
export function isException(project: Project, link: Link): boolean {
  if (!link.motion && !link.order) return false;
  const rule = ruleFor(project, link);
  return (
    (link.motion !== undefined && !isAlike(link.motion, rule.motion)) ||
    (link.order !== undefined && !isAlike(link.order, rule.order))
  );
}

/** Whether a screen comes and goes otherwise than it would by itself. */
export function movesOddly(project: Project, id: Id): boolean {
  const screen = screenById(project, id);
  return Boolean(
    screen?.motion && !isAlike(screen.motion, ruleAround(project, screen.area ?? null, screen.layer).motion),
  );
}
