import { freeName, freshId, type Id, type MadeMotion, type Motion, type Project } from '../model';
import { assign, takeOut, type Made } from './parts';

/** Edits of the motions the project has of its own. */
export const motionCommands = {
  /** A new one, which rises a little and fades. */
  'add motion': (project: Project, { name }: { name: string }): Made => {
    const motions = (project.motions ??= []);
    const taken = motions.map((each) => each.name);
    const made: MadeMotion = {
      id: freshId('m'),
      name: freeName(name, taken),
      tracks: [
        { of: 'screen', change: 'opacity', from: 0, duration: '200 ms', easing: 'linear' },
        { of: 'elements', change: 'down', from: 40, duration: '280 ms', easing: 'ease-out' },
      ],
    };
    motions.push(made);
    return made.id;
  },
  'change motion': (
    project: Project,
    { motion, change }: { motion: Id; change: Partial<MadeMotion> },
  ): Made => {
    const found = project.motions?.find((each) => each.id === motion);
    if (found) assign(found, change);
  },
  /** What moved by it moves as the house does; the house itself fades. */
  'delete motion': (project: Project, { motion }: { motion: Id }): Made => {
    if (!project.motions?.some((each) => each.id === motion)) return;
    takeOut(project.motions, (each) => each.id === motion);
    const left = (used: Motion | undefined): Motion | undefined => {
      if (!used || used.name !== 'made' || used.motion !== motion) {
        if (used?.leaving?.name !== 'made' || used.leaving.motion !== motion) return used;
        const { leaving: _, ...rest } = used;
        return rest as Motion;
      }
      return undefined;
    };
    for (const owner of [...project.screens, ...project.areas, ...project.links]) {
      const now = left(owner.motion);
      if (now !== owner.motion) assign<{ motion?: Motion }>(owner, { motion: now });
    }
    const { house } = project;
    house.motion = left(house.motion) ?? { name: 'fade', duration: '240 ms' };
    for (const [layer, used] of Object.entries(house.layers ?? {})) {
      const now = left(used);
      if (now !== used) assign<Record<string, Motion | undefined>>(house.layers!, { [layer]: now });
    }
  },
};
