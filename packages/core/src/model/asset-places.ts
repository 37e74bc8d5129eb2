import { everyStep } from './conversation';
import { USUAL_SOUNDS } from './sound';
import type { Effect, Id, Project } from './types';

/** A place that names an asset: whose it is, what it names, and how to name another there, or none. */
export interface AssetPlace {
  by: string;
  asset: Id;
  put: (to: Id | null) => void;
}

/**
 * Every place of a project that names one of its assets, in no order that counts. What `put` writes is written into the project as it was
 * given. Where there must be an asset, none takes out what named it.
 */
export function assetPlaces(project: Project): AssetPlace[] {
  const places: AssetPlace[] = [];
  const known = new Set<unknown>(project.assets.map((each) => each.id));
  const add = (by: string, asset: Id | null | undefined, put: AssetPlace['put']): void => {
    if (asset && known.has(asset)) places.push({ by, asset, put });
  };
  /** One that may be absent. */
  const may = <K extends string>(by: string, holder: { [key in K]?: Id | null }, key: K): void =>
    add(by, holder[key], (to) => {
      if (to) holder[key] = to;
      else delete holder[key];
    });
  /** One of a list, which goes when it has none. */
  const listed = <T>(by: string, list: T[], each: T, asset: Id | undefined, put: (to: Id) => void): void =>
    add(by, asset, (to) => {
      if (to) put(to);
      else list.splice(list.indexOf(each), 1);
    });
  const inArgs = (by: string, args: Record<string, unknown> | undefined): void => {
    for (const [id, given] of Object.entries(args ?? {}))
      if (typeof given === 'string') add(by, given, (to) => void (args![id] = to ?? ''));
  };
  const inMarker = (by: string, box: { marker?: { asset: Id } }): void =>
    add(by, box.marker?.asset, (to) => {
      if (to) box.marker!.asset = to;
      else delete box.marker;
    });
  const inEffects = (by: string, effects: Effect[]): void => {
    for (const effect of effects)
      if ('asset' in effect)
        listed(by, effects, effect, effect.asset, (to) => {
          effect.asset = to;
        });
  };

  for (const owner of [...project.screens, ...(project.components ?? [])]) {
    const { name } = owner;
    if ('background' in owner) {
      may(name, owner.background, 'picture');
      may(name, owner, 'music');
    }
    for (const element of owner.elements) {
      if ('asset' in element) add(name, element.asset, (to) => void (element.asset = to));
      if ('look' in element) may(name, element.look, 'font');
      if ('sound' in element) may(name, element, 'sound');
      if ('box' in element) inMarker(name, element.box);
      if (element.type === 'component') inArgs(name, element.args);
    }
    for (const parameter of owner.parameters ?? [])
      if (parameter.type === 'picture' && typeof parameter.default === 'string')
        add(name, parameter.default, (to) => void (parameter.default = to ?? ''));
  }
  for (const style of project.styles.text)
    add(`style ${style.name}`, style.font, (to) => void (style.font = to ?? 'plain'));
  for (const style of project.styles.box) inMarker(`style ${style.name}`, style);
  for (const speaker of project.speakers ?? []) {
    for (const face of [...speaker.faces])
      listed(speaker.name, speaker.faces, face, face.asset, (to) => void (face.asset = to));
    may(speaker.name, speaker, 'blip');
  }
  for (const { name, steps } of [...(project.conversations ?? []), ...(project.routines ?? [])])
    for (const step of everyStep(steps)) {
      if (step.step === 'show') may(name, step, 'picture');
      if (step.step === 'music') add(name, step.asset, (to) => void (step.asset = to ?? 'none'));
      if (step.step === 'routine') inArgs(name, step.args);
      // A step cannot lose its effect and stay; it is pointed out instead.
      if (step.step === 'effect' && 'asset' in step.effect) {
        const { effect } = step;
        add(name, effect.asset, (to) => void (to && (effect.asset = to)));
      }
    }
  for (const routine of project.routines ?? [])
    for (const parameter of routine.parameters)
      if (parameter.type === 'picture')
        add(routine.name, parameter.default, (to) => void (parameter.default = to ?? ''));
  for (const area of project.areas) may(area.name, area, 'music');
  for (const usual of USUAL_SOUNDS) if (project.sound) may('What is heard', project.sound, usual);
  const owners = [...project.screens, ...project.areas, ...(project.components ?? [])];
  for (const link of project.links)
    inEffects(owners.find((each) => each.id === link.from)?.name ?? 'The whole project', link.effects);
  for (const asset of project.assets)
    for (const finer of [...(asset.finer ?? [])])
      listed(asset.name, asset.finer!, finer, finer.asset, (to) => void (finer.asset = to));
  return places;
}
