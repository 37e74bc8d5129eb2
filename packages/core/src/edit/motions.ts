import { freeName, freshId, type Id, type MadeMotion, type Project, withId } from '../model';
import { letGo } from '../references';
import { assign, namedPlaces, removeWhere, type Made } from './parts';

/** Edits of the motions the project has of its own. */
export const motionCommands = {
  /** A new one, which rises a little and fades. */
  'add motion': (project: Project, { name }: { name: string }): Made => {
    const motions = (project.motions ??= []);
    const taken = motions.map((motion) => motion.name);
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
    const found = withId(project.motions, motion);
    if (found) assign(found, change);
  },
  /** What used it uses the default motion; if it was the default itself, that becomes a fade. */
  'delete motion': (project: Project, { motion }: { motion: Id }): Made => {
    if (!project.motions?.some((madeMotion) => madeMotion.id === motion)) return;
    letGo(project, namedPlaces(project, 'motion', [motion]));
    removeWhere(project.motions, (madeMotion) => madeMotion.id === motion);
    project.defaults.motion ??= { name: 'fade', duration: '240 ms' };
  },
};
