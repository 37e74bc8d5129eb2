import { STRETCHED } from '@tavu/core/language';
import { spokenBy, useLanguage, useSkin } from '../store';
import { compile, frameOf, type Flow, type Frame } from '@tavu/core/compile';
import type { Id, Project, Size } from '@tavu/core/model';
import { inSkin } from '@tavu/core/style';
import { create } from 'zustand';

/** The sizes and shapes a game is looked at in. */

/** Pixels. What is split is one player's part of a shared screen. */
export const USUAL_SIZES: readonly Size[] = [
  { name: '16 : 9', width: 1920, height: 1080 },
  { name: '16 : 10', width: 1920, height: 1200 },
  { name: '21 : 9', width: 2560, height: 1080 },
  { name: '4 : 3', width: 1440, height: 1080 },
  { name: 'Phone, flat', width: 844, height: 390 },
  { name: 'Phone, upright', width: 390, height: 844 },
  { name: 'Split in two', width: 960, height: 1080 },
  { name: 'Split in four', width: 960, height: 540 },
];

/** The usual ones but the design's own, and the project's. */
export const sizesOf = ({ design }: Project): readonly Size[] => [
  ...USUAL_SIZES.filter(({ width, height }) => width !== design.width || height !== design.height),
  ...(design.sizes ?? []),
];

interface Sizes {
  /** What Live shows; null is the design's own. */
  size: Size | null;
}
export const useSizes = create<Sizes>(() => ({ size: null }));

export const showSize = (size: Size | null): void => useSizes.setState({ size });

/** What a window of a size shows: the design's frame, or one of its own where the anchors decide. */
export const frameAt = (project: Pick<Project, 'design'>, size: Size | null): Frame =>
  project.design.fits === 'adapt' && size ? { width: size.width, height: size.height } : frameOf(project);

const made = new Map<string, Flow>();
const MOST_MADE = 24;

/**
 * The flow laid out for a size, said in a language and wearing a skin; remade only where the project has changed since it was last
 * asked for.
 */
export function flowAt(
  flow: Flow,
  size: Size | null,
  code: string | null = useLanguage.getState().code,
  skin: Id | null = useSkin.getState().worn,
): Flow {
  const frame = frameAt(flow.project, size);
  const spoken = spokenBy(flow.project, code);
  const project = inSkin(spoken, skin);
  const asDesigned = frame.width === flow.frame.width && frame.height === flow.frame.height;
  if (asDesigned && project === flow.project) return flow;
  const language = spoken === flow.project || code === null || code === STRETCHED ? flow.language : code;
  const key = `${frame.width}×${frame.height} ${code} ${skin}`;
  const known = made.get(key);
  if (known?.project === project && known.reduced === flow.reduced) return known;
  const same = known?.project.id === project.id ? known : undefined;
  const next = compile(spoken, same, { frame, asked: flow.reduced, language, skin });
  // A window that is dragged larger goes through many sizes.
  if (made.size >= MOST_MADE) made.delete(made.keys().next().value!);
  made.set(key, next);
  return next;
}
