import { freeName, freshId, withId, type Id, type Project, type Skin } from '../model';
import { assign, removeWhere, type Made } from './parts';
import { putSkin } from './put';

/** Edits of skins. */
export const skinCommands = {
  /** `like`: the skin it begins as. */
  'add skin': (project: Project, { name, like }: { name: string; like?: Id }): Made => {
    const skins = (project.skins ??= []);
    const { when: _, ...from } = withId(skins, like) ?? {};
    const made: Skin = {
      ...from,
      id: freshId('k'),
      name: freeName(
        name,
        skins.map((skin) => skin.name),
      ),
    };
    skins.push(made);
    return made.id;
  },
  'change skin': (project: Project, { skin, change }: { skin: Id; change: Partial<Skin> }): Made => {
    const found = withId(project.skins, skin);
    if (found) assign(found, change);
  },
  /** Of those whose conditions hold, the first is worn. */
  'place skin': (project: Project, { skin, before }: { skin: Id; before: Id | null }): Made => {
    const skins = project.skins ?? [];
    const found = withId(skins, skin);
    if (!found || skin === before) return;
    removeWhere(skins, ({ id }) => id === skin);
    const at = skins.findIndex(({ id }) => id === before);
    skins.splice(at < 0 ? skins.length : at, 0, found);
  },
  /** The first skin of a part that was copied, here or in another project, with what it names. */
  'paste skin': (project: Project, { from }: { from: Project }): Made => putSkin(project, from),
  'delete skin': (project: Project, { skin }: { skin: Id }): Made => {
    if (!project.skins) return;
    removeWhere(project.skins, ({ id }) => id === skin);
    if (project.skins.length === 0) delete project.skins;
  },
};

/** What skins say of something that goes. */
export function outOfSkins<K extends 'text' | 'box' | 'colours'>(
  project: Project,
  of: K,
  goes: (said: NonNullable<Skin[K]>[number]) => boolean,
): void {
  for (const skin of project.skins ?? []) {
    const said = skin[of] as NonNullable<Skin[K]>[number][] | undefined;
    if (!said) continue;
    const left = said.filter((one) => !goes(one));
    if (left.length > 0) skin[of] = left as Skin[K];
    else delete skin[of];
  }
}
