import { withId, type Asset, type Path, type Project, type Slice } from '../model';
import type { Check } from './finding';

interface TooWide {
  name: string;
  /** The edges together, and the size there is, in the picture's own pixels. */
  way: 'wide' | 'high';
  edges: number;
  size: number;
}

export const wideSlice: Check<TooWide> = {
  severity: 'warning',
  about:
    'The edges of a nine-slice reach further in than its picture is large, so that they share what there is. Set smaller insets.',
  place: (project, place) => {
    if (place.is !== 'id' || place.of !== 'asset') return [];
    const slice = sliceBeside(project, place.path);
    const asset = slice && withId(project.assets, place.id);
    return asset ? tooWide(asset, slice) : [];
  },
  phrase: ({ name, way, edges, size }) =>
    `The edges of the nine-slice are ${edges} pixels together, and ${name} is ${size} ${way}.`,
};

/** What a picture is sliced by where it is named. */
function sliceBeside(project: Project, path: Path): Slice | undefined {
  let at: unknown = project;
  for (const step of path.slice(0, -1)) at = (at as Record<string | number, unknown> | undefined)?.[step];
  return (at as { slice?: Slice } | undefined)?.slice;
}

function tooWide({ name, width, height }: Asset, { top, right, bottom, left }: Slice): TooWide[] {
  return [
    ...(left + right > width ? [{ name, way: 'wide' as const, edges: left + right, size: width }] : []),
    ...(top + bottom > height ? [{ name, way: 'high' as const, edges: top + bottom, size: height }] : []),
  ];
}
