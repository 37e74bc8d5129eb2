import { everyStep, USUAL_SOUNDS, type Id, type Project } from '@tavu/core/model';

/** Where an asset is used: names of screens, components, styles, areas and sentences' owners, each once. */
export function usesOf(project: Project): ReadonlyMap<Id, string[]> {
  const uses = new Map<Id, string[]>();
  const count = (id: Id | null | undefined, by: string): void => {
    if (!id) return;
    const known = uses.get(id);
    if (!known) uses.set(id, [by]);
    else if (!known.includes(by)) known.push(by);
  };
  for (const owner of [...project.screens, ...(project.components ?? [])]) {
    if ('background' in owner) {
      count(owner.background.picture, owner.name);
      count(owner.music, owner.name);
    }
    for (const element of owner.elements) {
      if ('asset' in element) count(element.asset, owner.name);
      if ('look' in element) count(element.look.font, owner.name);
      if ('sound' in element) count(element.sound, owner.name);
      if (element.type === 'component')
        for (const given of Object.values(element.args ?? {}))
          if (typeof given === 'string') count(given, owner.name);
    }
    for (const parameter of owner.parameters ?? [])
      if (parameter.type === 'picture' && typeof parameter.default === 'string')
        count(parameter.default, owner.name);
  }
  for (const style of project.styles.text) count(style.font, `style ${style.name}`);
  for (const speaker of project.speakers ?? []) {
    for (const face of speaker.faces) count(face.asset, speaker.name);
    count(speaker.blip, speaker.name);
  }
  for (const { name, steps } of [...(project.conversations ?? []), ...(project.routines ?? [])])
    for (const step of everyStep(steps)) {
      if (step.step === 'show') count(step.picture, name);
      if (step.step === 'music') count(step.asset, name);
      if (step.step === 'effect' && 'asset' in step.effect) count(step.effect.asset, name);
      if (step.step === 'routine')
        for (const given of Object.values(step.args ?? {})) if (typeof given === 'string') count(given, name);
    }
  for (const area of project.areas) count(area.music, area.name);
  for (const usual of USUAL_SOUNDS) count(project.sound?.[usual], 'What is heard');
  const nameOf = (id: Id): string =>
    [...project.screens, ...project.areas, ...(project.components ?? [])].find((each) => each.id === id)
      ?.name ?? 'The whole project';
  for (const link of project.links)
    for (const effect of link.effects) if ('asset' in effect) count(effect.asset, nameOf(link.from));
  for (const asset of project.assets) for (const finer of asset.finer ?? []) count(finer.asset, asset.name);
  return uses;
}
