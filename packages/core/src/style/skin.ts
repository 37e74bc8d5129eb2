import { withId, type Id, type Project, type Skin } from '../model';

/** What each project looks like in its skins, made once. */
const made = new WeakMap<Project, Map<Id, Project>>();

/**
 * A project as it looks in a skin: its styles, colours, pictures, sounds and motions are what the skin says, under the ids
 * they have. The same object each time; the project itself where it has no such skin.
 */
export function inSkin(project: Project, skin: Id | null): Project {
  const worn = skin === null ? undefined : withId(project.skins, skin);
  if (!worn) return project;
  let known = made.get(project);
  if (!known) made.set(project, (known = new Map()));
  let dressed = known.get(worn.id);
  if (!dressed) known.set(worn.id, (dressed = dress(project, worn)));
  return dressed;
}

function dress(project: Project, { text, box, colours, assets, motions }: Skin): Project {
  const { styles } = project;
  return {
    ...project,
    styles: {
      ...styles,
      text: changed(
        styles.text,
        text,
        ({ style }) => style,
        ({ style: _, ...look }) => look,
      ),
      box: changed(
        styles.box,
        box,
        ({ style }) => style,
        ({ style: _, ...look }) => look,
      ),
      ...(styles.colours
        ? {
            colours: changed(
              styles.colours,
              colours,
              ({ colour }) => colour,
              ({ is }) => ({ colour: is }),
            ),
          }
        : {}),
    },
    assets: changed(
      project.assets,
      assets,
      ({ asset }) => asset,
      ({ by }) => {
        const { id: _, name: __, ...file } = withId(project.assets, by) ?? {};
        return file;
      },
    ),
    ...(project.motions
      ? {
          motions: changed(
            project.motions,
            motions,
            ({ motion }) => motion,
            ({ by }) => {
              const { id: _, name: __, ...motion } = withId(project.motions, by) ?? {};
              return motion;
            },
          ),
        }
      : {}),
  };
}

/** A list with what a skin says of some of its things; the list itself where it says nothing of any. */
function changed<T extends { id: Id }, S>(
  list: T[],
  said: readonly S[] | undefined,
  of: (one: S) => Id,
  change: (one: S) => Partial<T>,
): T[] {
  if (!said?.length) return list;
  const by = new Map(said.map((one) => [of(one), one]));
  return list.map((thing) => {
    const one = by.get(thing.id);
    return one === undefined ? thing : { ...thing, ...change(one) };
  });
}

/** The file that shows or sounds an asset in a skin: the one that stands in for it, where that is there. */
export function fileInSkin(project: Project, skin: Id | null, asset: Id): Id {
  const by = withId(project.skins, skin ?? undefined)?.assets?.find((one) => one.asset === asset)?.by;
  return by !== undefined && withId(project.assets, by) ? by : asset;
}
