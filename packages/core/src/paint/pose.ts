import { group, type GroupItem, type Item, type PictureItem } from '../drawing';
import { sampleAnimation } from '../animate';
import type { CompiledScreen, Flow } from '../compile';
import type { Rect } from '../geometry';
import type { Colour, Id, Project } from '../model';
import { keyOf, type Part, type Sample } from '../motion';
import type { Instance } from '../run';
import { colourOf } from '../style';

/** How something is drawn at one moment, against itself at rest: moved, turned and scaled about a point. */
export interface Pose {
  opacity: number;
  x: number;
  y: number;
  scale: number;
  turn: number;
  blur: number;
  tint?: Colour;
  /** Which of its frames a picture shows, counted from 0. */
  frame?: number;
}

/**
 * How a transition draws a part of a screen; null while that part is at rest. Poses are in design pixels and
 * degrees.
 * @param frame the frame’s size in design pixels
 */
export function poseOf(sample: Sample, part: Part, frame: { width: number; height: number }): Pose | null {
  if (isEmpty(sample) || !MOVED.some((property) => keyOf(part, property) in sample)) return null;
  const of = (property: Parameters<typeof keyOf>[1], rest: number): number =>
    sample[keyOf(part, property)] ?? rest;
  const pose: Pose = {
    opacity: of('opacity', 1),
    x: of('x', 0) + of('across', 0) * frame.width,
    y: of('y', 0) + of('down', 0) * frame.height,
    scale: of('scale', 1),
    turn: of('turn', 0),
    blur: of('blur', 0),
  };
  return isRest(pose) ? null : pose;
}

const MOVED = ['opacity', 'x', 'y', 'across', 'down', 'scale', 'turn', 'blur'] as const;

const isRest = (pose: Pose): boolean => standsStill(pose) && pose.frame === undefined;

/** Whether it is drawn where and as it is at rest, whatever frame it shows. */
export const standsStill = ({ opacity, x, y, scale, turn, blur, tint }: Pose): boolean =>
  opacity === 1 && x === 0 && y === 0 && scale === 1 && turn === 0 && blur === 0 && tint === undefined;

/** What is needed to know how the elements of something on the picture move. */
type Going = Pick<Instance, 'shown' | 'animationStarts'>;

/**
 * How each element is drawn: its own animations over what the transition does with it.
 * @param now microseconds on the run’s clock
 */
export function posesOf(
  flow: Flow,
  { animations, placed }: CompiledScreen,
  { shown, animationStarts }: Going,
  sample: Sample,
  now: number,
): ReadonlyMap<Id, Pose> {
  const poses = new Map<Id, Pose>();
  if (!isEmpty(sample))
    for (const { id } of placed) {
      const pose = poseOf(sample, id, flow.frame);
      if (pose) poses.set(id, pose);
    }
  for (const animation of animations) {
    const since = animation.on === 'arrival' ? shown : animationStarts[animation.key];
    if (since === undefined) continue;
    const { x, y, scale, turn, opacity, tint, frame } = sampleAnimation(animation, now - since);
    const before = poses.get(animation.part);
    const pose: Pose = {
      opacity: opacity * (before?.opacity ?? 1),
      x: x + (before?.x ?? 0),
      y: y + (before?.y ?? 0),
      scale: scale * (before?.scale ?? 1),
      turn: turn + (before?.turn ?? 0),
      blur: before?.blur ?? 0,
    };
    const colour = tint ? mixed(flow.project, tint.from, tint.to, tint.p) : before?.tint;
    if (colour) pose.tint = colour;
    const shows = frame ?? before?.frame;
    if (shows !== undefined) pose.frame = shows;
    if (!isRest(pose)) poses.set(animation.part, pose);
    else poses.delete(animation.part);
  }
  return poses;
}

const isEmpty = (sample: Sample): boolean => {
  for (const _ in sample) return false;
  return true;
};

/** Between two tints; none is the other one, clear. */
function mixed(project: Project, from: Colour | null, to: Colour | null, p: number): Colour | undefined {
  const known = from ?? to;
  if (known === null) return undefined;
  const channels = (colour: Colour | null): number[] => {
    const hex = colourOf(project, colour ?? known);
    const alpha = colour === null ? 0 : hex.length === 9 ? Number.parseInt(hex.slice(7), 16) : 255;
    return [...[1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16)), alpha];
  };
  const [a, b] = [channels(from), channels(to)];
  const mix = a.map((value, i) => Math.round(value + (b[i]! - value) * p));
  return mix[3] === 0 ? undefined : `#${mix.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
}

/** Items drawn as a pose says, turned and scaled about the middle of a rect. */
export function applyTransform(items: readonly Item[], pose: Pose, { x, y, width, height }: Rect): GroupItem {
  const [cx, cy] = [x + width / 2, y + height / 2];
  const inner = pose.tint ? [group(items, { tint: pose.tint })] : items;
  return group(inner, {
    opacity: Math.min(1, Math.max(0, pose.opacity)),
    x: pose.x,
    y: pose.y,
    ...(pose.turn === 0 ? {} : { turn: { angle: pose.turn, x: cx, y: cy } }),
    ...(pose.scale === 1 ? {} : { scale: { by: Math.max(0, pose.scale), x: cx, y: cy } }),
    ...(pose.blur > 0 ? { blur: pose.blur } : {}),
  });
}

/** The same items with every part that moves by itself drawn as its pose says. What holds no such part is the same object. */
export function withPoses(items: readonly Item[], poses: ReadonlyMap<Id, Pose>): readonly Item[] {
  if (!hasMoving(items)) return items;
  return items.map((item) => {
    if (item.kind === 'picture' && item.frames) return frameNow(item, poses.get(item.id ?? ''));
    if (item.kind !== 'group') return item;
    const inner = hasMoving(item.items) ? { ...item, items: withPoses(item.items, poses) } : item;
    const pose = item.part && poses.get(item.part.id);
    return pose && !standsStill(pose) ? applyTransform([inner], pose, item.part!.rect) : inner;
  });
}

/** Whether anything in a list moves by itself; asked in every frame of lists that are written once. */
function hasMoving(items: readonly Item[]): boolean {
  let known = moving.get(items);
  if (known === undefined) {
    known = items.some((item) =>
      item.kind === 'group' ? item.part !== undefined || hasMoving(item.items) : 'frames' in item,
    );
    moving.set(items, known);
  }
  return known;
}
const moving = new WeakMap<readonly Item[], boolean>();

/** One of a picture’s frames; the first as long as nothing has set it off. */
const frameNow = (item: PictureItem, pose: Pose | undefined): Item =>
  pose?.frame === undefined ? item : (item.frames![pose.frame % item.frames!.length] ?? item);

/**
 * The point of the element itself that is drawn at `point`; both in design pixels of the frame.
 * @param pose how the element is drawn about the middle of its rect
 */
export function inverseTransform(
  point: { x: number; y: number },
  pose: Pose | null | undefined,
  { x, y, width, height }: Rect,
): { x: number; y: number } {
  if (!pose) return point;
  const [cx, cy] = [x + width / 2, y + height / 2];
  const angle = (-pose.turn * Math.PI) / 180;
  const [dx, dy] = [point.x - pose.x - cx, point.y - pose.y - cy];
  const by = pose.scale === 0 ? Infinity : 1 / pose.scale;
  return {
    x: cx + (dx * Math.cos(angle) - dy * Math.sin(angle)) * by,
    y: cy + (dx * Math.sin(angle) + dy * Math.cos(angle)) * by,
  };
}
