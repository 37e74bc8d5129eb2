import fc from 'fast-check';
import type { Motion, Project } from '../model';
import { anyProject } from '../test/arbitrary';
import { link, press, projectOf, screenOf } from '../test/flows';
import { applyCommand } from '.';

const made = (motion: string): Motion => ({ name: 'made', motion });
const usesIn = (project: Project): string => JSON.stringify({ ...project, motions: [] });

test('a motion is made with a name of its own, changed, and taken out', () => {
  const first = applyCommand(projectOf([screenOf('a')], []), 'add motion', { name: 'Rise' });
  const second = applyCommand(first.project, 'add motion', { name: 'Rise' });
  expect(second.project.motions!.map((motion) => motion.name)).toEqual(['Rise', 'Rise 2']);
  const changed = applyCommand(second.project, 'change motion', {
    motion: second.made!,
    change: { name: 'Fall', leaving: [] },
  });
  expect(changed.project.motions![1]).toMatchObject({ name: 'Fall', leaving: [] });
  const gone = applyCommand(changed.project, 'delete motion', { motion: first.made! });
  expect(gone.project.motions!.map((motion) => motion.name)).toEqual(['Fall']);
});

test('what moved by a motion that is taken out moves by the default motion, and where that was it, by a fade', () => {
  const project = projectOf(
    [screenOf('a', { motion: made('m') }, ['x']), screenOf('b')],
    [link('a', press('x'), 'go', 'b', { motion: { name: 'none', leaving: { name: 'made', motion: 'm' } } })],
    {
      motions: [{ id: 'm', name: 'Rise', tracks: [] }],
      defaults: { motion: made('m'), layers: { notice: made('m') }, order: 'after', masked: 'ignored' },
      areas: [{ id: 'r', name: 'Night', parent: null, motion: made('m') }],
    },
  );
  const { project: next } = applyCommand(project, 'delete motion', { motion: 'm' });
  expect(next.screens[0]).not.toHaveProperty('motion');
  expect(next.areas[0]).not.toHaveProperty('motion');
  expect(next.links[0]!.motion).toEqual({ name: 'none' });
  expect(next.defaults).toMatchObject({ motion: { name: 'fade' }, layers: {} });
});

test('nothing that is left names a motion that has been taken out', () => {
  fc.assert(
    fc.property(anyProject, fc.constantFrom('m0', 'm1'), (project, motion) => {
      const { project: next } = applyCommand(project, 'delete motion', { motion });
      expect(usesIn(next)).not.toContain(`"motion":"${motion}"`);
    }),
  );
});
