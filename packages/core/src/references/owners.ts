import { PROJECT, type Id, type Project } from '../model';

/**
 * What anything that owns places is called, by its id: screens, areas, components, styles, speakers, conversations …
 */
export function ownerNames(project: Project): ReadonlyMap<Id, string> {
  const names = new Map<Id, string>([[PROJECT, 'The whole project']]);
  const note = (things: readonly { id: Id; name: string }[] | undefined, before = ''): void => {
    for (const { id, name } of things ?? []) names.set(id, before + name);
  };
  note(project.assets);
  note(project.actions);
  note(project.events);
  note(project.values);
  note(project.lists);
  note(project.motions);
  note(project.styles.colours);
  note(project.skins, 'skin ');
  note(project.styles.text, 'style ');
  note(project.styles.box, 'style ');
  note(project.speakers);
  note(project.conversations);
  note(project.routines);
  note(project.components);
  note(project.areas);
  note(project.screens);
  return names;
}
