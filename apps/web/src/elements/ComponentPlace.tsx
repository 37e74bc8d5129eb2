'use client';

import { elementOf } from '@tavu/core/triggers';
import { argumentsOf, componentById } from '@tavu/core/component';
import {
  linksFrom,
  readName,
  type ComponentParameter,
  type Element,
  type Id,
  type Link,
  type PlacedElement,
  type Scalar,
  type Screen,
  isPicture,
} from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import { choose, chooseLink, edit, useStudio } from '../store';
import { Field, Group, Button, IconButton, Small, SelectRow } from '../ui';
import { Sentence } from '../sentences';
import { putOn } from '../fields';

/**
 * A placed component: what it is told here, where its buttons lead from here, and what is otherwise than everywhere.
 */
export function ComponentPlace({
  screen,
  element,
  path,
}: {
  screen: Screen;
  element: PlacedElement;
  path: Id;
}) {
  const project = useStudio((studio) => studio.project);
  const component = componentById(project, element.component);
  if (!component)
    return <p className="text-sm text-warn">The component placed here is gone. Take it off the screen.</p>;
  const put = putOn(screen.id, path);
  const args = argumentsOf(component, element);
  const uses = [...project.screens, ...(project.components ?? [])].filter((owner) =>
    owner.elements.some((other) => other.type === 'component' && other.component === component.id),
  );
  return (
    <>
      <Group title="Parameters here">
        {component.parameters.length === 0 && (
          <p className="text-sm text-soft">
            Nothing yet. A parameter lets each place say something otherwise; a text in it names it, as in{' '}
            {'{label}'}.
          </p>
        )}
        {component.parameters.map((parameter) => (
          <Told
            key={parameter.id}
            component={component.id}
            parameter={parameter}
            value={args[parameter.id]!}
            own={element.args?.[parameter.id] !== undefined}
            onChange={(value) => {
              const { [parameter.id]: _, ...rest } = element.args ?? {};
              const next = value === undefined ? rest : { ...rest, [parameter.id]: value };
              put({ args: Object.keys(next).length > 0 ? next : undefined }, `told ${parameter.id}`);
            }}
          />
        ))}
        <NewParameter
          component={component.id}
          taken={component.parameters.map((parameter) => parameter.name)}
        />
      </Group>
      <Leads screen={screen} path={path} elements={component.elements} component={component.id} />
      <Group title="The component">
        <Field
          label="Name, in every place"
          value={component.name}
          read={(text) =>
            readName(
              text,
              project.components!.filter((other) => other !== component).map((item) => item.name),
            )
          }
          onChange={(name) => edit('change component', { component: component.id, change: { name } })}
        />
        <p className="text-sm text-soft">
          Placed on {uses.map((use) => use.name).join(', ')}. Press Enter in Live, or twice on it, to go
          inside.
        </p>
        <div className="flex flex-wrap gap-1">
          {component.elements[0] && (
            <Small onClick={() => choose({ element: `${path}/${component.elements[0]!.id}` })}>
              Go inside
            </Small>
          )}
          {element.changes && (
            <Small onClick={() => edit('reset place', { screen: screen.id, element: element.id })}>
              Reset to the component
            </Small>
          )}
          {!path.includes('/') && (
            <Small onClick={() => edit('dissolve component', { screen: screen.id, element: element.id })}>
              Break into elements
            </Small>
          )}
        </div>
      </Group>
    </>
  );
}

function Told({
  component,
  parameter,
  value,
  own,
  onChange,
}: {
  component: Id;
  parameter: ComponentParameter;
  value: Scalar;
  own: boolean;
  onChange: (value: Scalar | undefined) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const pictures = project.assets.filter(isPicture);
  return (
    <div className="flex items-end gap-1">
      <div className="min-w-0 flex-1">
        {parameter.type === 'text' ? (
          <Field
            label={parameter.name}
            value={String(value)}
            read={(text) => ({ ok: text })}
            onChange={(text) => onChange(text)}
          />
        ) : (
          <SelectRow
            label={parameter.name}
            value={String(value)}
            options={
              parameter.type === 'on/off'
                ? [
                    ['true', 'on'],
                    ['false', 'off'],
                  ]
                : [['', 'none'], ...pictures.map((asset): [string, string] => [asset.id, asset.name])]
            }
            onChange={(to: string) => onChange(parameter.type === 'on/off' ? to === 'true' : to)}
          />
        )}
      </div>
      {own ? (
        <Small onClick={() => onChange(undefined)}>default</Small>
      ) : (
        <IconButton
          name={`Take the parameter ${parameter.name} away, everywhere`}
          onClick={() => edit('delete component parameter', { component, parameter: parameter.id })}
        >
          <Trash2 size={13} />
        </IconButton>
      )}
    </div>
  );
}

const DEFAULTS = { text: '', picture: '', 'on/off': true } as const;

function NewParameter({ component, taken }: { component: Id; taken: string[] }) {
  const add = (type: keyof typeof DEFAULTS, name: string): void =>
    void edit('add component parameter', {
      component,
      parameter: { type, name, default: DEFAULTS[type] } as Omit<ComponentParameter, 'id'> as never,
    });
  const free = (name: string): string => (taken.includes(name) ? `${name} ${taken.length + 1}` : name);
  return (
    <div className="flex flex-wrap gap-1">
      <Button onClick={() => add('text', free('label'))}>
        <Plus size={13} aria-hidden="true" /> Text
      </Button>
      <Button onClick={() => add('picture', free('picture'))}>
        <Plus size={13} aria-hidden="true" /> Picture
      </Button>
      <Button onClick={() => add('on/off', free('shown'))}>
        <Plus size={13} aria-hidden="true" /> On or off
      </Button>
    </div>
  );
}

/** What leads somewhere when it is pressed; controls have a use of their own. */
const LEADS: ReadonlySet<Element['type']> = new Set(['button', 'touch', 'address']);

const leadsFrom = ({ trigger }: Link, element: Id): boolean => elementOf(trigger) === element;

/** Where what can be pressed in it leads: its own links, the same everywhere; the others each place says. */
function Leads({
  screen,
  path,
  elements,
  component,
}: {
  screen: Screen;
  path: Id;
  elements: readonly Element[];
  component: Id;
}) {
  const project = useStudio((studio) => studio.project);
  const own = linksFrom(project, component);
  const pressed = elements.filter(
    (element) => LEADS.has(element.type) || own.some((link) => leadsFrom(link, element.id)),
  );
  if (pressed.length === 0) return null;
  return (
    <Group title="Pressing it">
      {pressed.map((element) => {
        const at = `${path}/${element.id}`;
        const mine = linksFrom(project, screen.id).filter((link) => leadsFrom(link, at));
        const shared = own.filter((link) => leadsFrom(link, element.id));
        return (
          <div key={element.id}>
            <ol>
              {[...mine, ...shared].map((link) => (
                <li key={link.id}>
                  <Sentence link={link} handle={null} />
                  {shared.includes(link) && <p className="text-xs text-soft">The same in every place.</p>}
                </li>
              ))}
            </ol>
            <div className="flex flex-wrap gap-1">
              {mine.length === 0 && (
                <Small
                  onClick={() => {
                    const made = edit('add link', {
                      from: screen.id,
                      trigger: { on: 'press', element: at },
                      kind: 'go',
                      effects: [],
                    });
                    if (made) chooseLink(made);
                  }}
                >
                  {element.name} leads from here …
                </Small>
              )}
              {shared.length === 0 && (
                <Small
                  onClick={() =>
                    edit('add link', {
                      from: component,
                      trigger: { on: 'press', element: element.id },
                      kind: 'back',
                      effects: [],
                    })
                  }
                >
                  {element.name} goes back, in every place
                </Small>
              )}
            </div>
          </div>
        );
      })}
    </Group>
  );
}
