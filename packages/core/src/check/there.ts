import { componentById, elementAt } from '../component';
import {
  byId,
  everyStep,
  screenById,
  valuesOf,
  type FieldType,
  type Id,
  type Project,
  type Step,
} from '../model';
import type { IdPlace } from '../references';

/** Whether what a place names is there. */
export function isThere(project: Project, { of, id, within, owner }: IdPlace): boolean {
  const { screens, components, conversations, routines, styles } = project;
  switch (of) {
    case 'screen':
      return byId(screens).has(id);
    case 'source':
      return byId(screens).has(id) || byId(project.areas).has(id) || byId(components).has(id);
    case 'area':
      return byId(project.areas).has(id);
    case 'component':
      return byId(components).has(id);
    case 'action':
      return byId(project.actions).has(id);
    case 'event':
      return byId(project.events).has(id);
    case 'value':
      return byId(valuesOf(project)).has(id);
    case 'list':
      return byId(project.lists).has(id);
    case 'motion':
      return byId(project.motions).has(id);
    case 'skin':
      return byId(project.skins).has(id);
    case 'asset':
      return byId(project.assets).has(id);
    case 'speaker':
      return byId(project.speakers).has(id);
    case 'conversation':
      return byId(conversations).has(id);
    case 'routine':
      return byId(routines).has(id);
    case 'link':
      return byId(project.links).has(id);
    case 'text style':
      return byId(styles.text).has(id);
    case 'box style':
      return byId(styles.box).has(id);
    case 'colour':
      return byId(styles.colours).has(id);
    case 'section':
      return [...project.values, ...(project.lists ?? [])].some(({ section }) => section === id);
    case 'field':
      return hasId(
        (byId(project.events).get(within ?? '') ?? byId(project.lists).get(within ?? ''))?.fields,
        id,
      );
    case 'outcome':
      return hasId(screenById(project, within)?.outcomes, id);
    case 'parameter':
      return hasId(
        (
          byId(screens).get(within ?? '') ??
          byId(components).get(within ?? '') ??
          byId(routines).get(within ?? '')
        )?.parameters,
        id,
      );
    case 'option': {
      const type: FieldType | undefined =
        byId(valuesOf(project)).get(within ?? '') ??
        screens.flatMap((screen) => screen.parameters ?? []).find((parameter) => parameter.id === within);
      return type?.type !== 'choice' || hasId(type.options, id);
    }
    case 'element':
      return (
        elementAt(
          project,
          (byId(screens).get(within ?? '') ?? componentById(project, within))?.elements,
          id,
        ) !== undefined
      );
    case 'element name':
      return namesElement(project, within, id);
    case 'animation': {
      const screen = screenById(project, within);
      return !screen || screen.elements.some((element) => hasId(element.animations, id));
    }
    // Who a routine speaks for is known where it is called.
    case 'face':
      return (
        byId(project.speakers)
          .get(within ?? '')
          ?.faces.some((face) => face.name === id) ?? true
      );
    case 'step':
      return hasId(stepsOf(project, within), id);
    case 'choice': {
      const step = stepsOf(project, owner).find((other) => other.id === within);
      return step?.step !== 'choice' || hasId(step.options, id);
    }
  }
}

const stepsOf = ({ conversations, routines }: Project, owner: Id | null): Step[] =>
  everyStep((byId(conversations).get(owner ?? '') ?? byId(routines).get(owner ?? ''))?.steps ?? []);

const hasId = (list: readonly { id: Id }[] | undefined, id: Id): boolean =>
  list?.some((item) => item.id === id) ?? false;

/** An element of one screen, or of any; where no screen is chosen, another check reports that. */
function namesElement(project: Project, within: Id | null, name: string): boolean {
  const named = ({ elements }: { elements: readonly { name: string }[] }): boolean =>
    elements.some((element) => element.name === name);
  if (within === null) return [...project.screens, ...(project.components ?? [])].some(named);
  const screen = screenById(project, within);
  return !screen || named(screen);
}
