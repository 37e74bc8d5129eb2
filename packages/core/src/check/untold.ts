import { effectOf, type Told } from '../effects';
import { screenById, type Effect, type Project } from '../model';
import type { Check } from './finding';

interface Untold {
  /** What lacks an argument, and which. */
  name: string;
  what: string;
}

export const untold: Check<Untold> = {
  severity: 'error',
  about: 'A screen, message, event or routine is not told something it has no default for.',
  link: (project, { kind, to, args = {}, effects }) => {
    const leads = kind === 'go' || kind === 'open' || kind === 'swap';
    const target = leads && to && 'screen' in to ? screenById(project, to.screen) : undefined;
    return [
      ...(target ? leftOut({ name: target.name, takes: target.parameters ?? [], args }) : []),
      ...effects.flatMap((effect) => byEffect(project, effect)),
    ];
  },
  step: (project, step) => (step.step === 'effect' ? byEffect(project, step.effect) : []),
  phrase: ({ name, what }) => `${name} is not told its ${what}.`,
};

function byEffect(project: Project, effect: Effect): Untold[] {
  const told = effectOf(effect).tells?.(effect, project);
  return told ? leftOut(told) : [];
}

const leftOut = ({ name, takes, args }: Told): Untold[] =>
  takes
    .filter((type) => !('default' in type && type.default !== undefined) && args[type.id] === undefined)
    .map((type) => ({ name, what: type.name }));
