import { compile } from '@tavu/core/compile';
import type { Item } from '@tavu/core/drawing';
import type { AssetBytes } from '@tavu/core/exchange';
import type { Project, Screen } from '@tavu/core/model';
import { paintStill } from '@tavu/core/paint';
import { sourcesOf, type PageSources } from '../store';

/** A project's title screen, ready to be drawn in small. */
export interface Preview {
  items: readonly Item[];
  sources: PageSources;
  width: number;
  height: number;
}

/** The screen that stands for a project: its title, else where it begins. */
const faceOf = ({ screens, start }: Project): Screen | undefined =>
  screens.find(({ kind }) => kind === 'title') ?? screens.find(({ id }) => id === start) ?? screens[0];

/** Null where there is nothing to draw, or where it cannot be drawn. Give its `sources` back when it is no longer shown. */
export function previewOf(project: Project, assets: AssetBytes): Preview | null {
  const face = faceOf(project);
  if (!face) return null;
  const sources = sourcesOf(assets, project.assets);
  try {
    // The rest of the project has no part in how one screen looks at rest.
    const flow = compile({ ...project, screens: [face], links: [], conversations: [] });
    return { items: paintStill(flow, flow.screens.get(face.id)!, true), sources, ...project.design };
  } catch {
    sources.revoke();
    return null;
  }
}
