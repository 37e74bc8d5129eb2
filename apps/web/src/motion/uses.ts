import type { Id, Motion, Project } from '@tavu/core/model';

/** What moves by a motion of the project's own, by name. */
export function usesOf(project: Project, id: Id): string[] {
  const by = (motion: Motion | undefined): boolean =>
    (motion?.name === 'made' && motion.motion === id) ||
    (motion?.leaving?.name === 'made' && motion.leaving.motion === id);
  const { house, screens, areas, links } = project;
  const nameOf = (from: Id): string =>
    [...screens, ...areas, ...(project.components ?? [])].find((each) => each.id === from)?.name ??
    'the whole project';
  return [
    ...(by(house.motion) ? ['the house'] : []),
    ...Object.entries(house.layers ?? {}).flatMap(([layer, motion]) =>
      by(motion) ? [`every ${layer}`] : [],
    ),
    ...[...areas, ...screens].flatMap((each) => (by(each.motion) ? [each.name] : [])),
    ...links.flatMap((link) => (by(link.motion) ? [`a sentence of ${nameOf(link.from)}`] : [])),
  ];
}
