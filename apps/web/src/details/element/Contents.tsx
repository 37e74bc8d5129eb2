'use client';

import { elementOf } from '@tavu/core/triggers';
import { linksFrom, type Element, type Id, type Screen, withId } from '@tavu/core/model';
import { labelOf } from '@tavu/core/elements/author';
import { setsFor } from '@tavu/core/starter';
import { Eye, EyeOff, GripVertical, Lock, Plus } from 'lucide-react';
import { useState, type DragEvent, type KeyboardEvent } from 'react';
import {
  addElement,
  addSet,
  TOOLS,
  choose,
  chooseElementAlso,
  chosenElements,
  edit,
  useStudio,
} from '../../store';
import { flag } from '../../canvas';
import { Group, IconButton } from '../../ui';

type Drop = { over: Id; where: 'before' | 'inside' | 'after' };

/** What is on a screen and what is inside what, in drawing order. Rows are dragged in, out, over and under. */
export function Contents({ screen }: { screen: Screen }) {
  return (
    <Group title="Elements">
      {screen.elements.length === 0 && (
        <p className="text-soft">Nothing yet. Put something on, or draw it in Live while held.</p>
      )}
      <ContentsList screen={screen} />
      <AddOne screen={screen.id} />
    </Group>
  );
}

/** The rows alone, for beside what is chosen. */
export function ContentsList({ screen }: { screen: Screen }) {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen);
  const [drop, setDrop] = useState<Drop | null>(null);
  const [dragged, setDragged] = useState<Id[]>([]);
  const all = chosenElements(chosen);
  const own = new Map(screen.elements.map((element) => [element.id, element]));
  const held = (parent: Id | null): Element[] =>
    screen.elements.filter((element) => (own.has(element.parent ?? '') ? element.parent : null) === parent);

  const put = (ids: Id[], { over, where }: Drop): void => {
    const target = own.get(over);
    if (!target) return;
    if (where === 'inside')
      return void edit('place elements', { screen: screen.id, elements: ids, parent: over, before: null });
    const siblings = held(target.parent);
    const at = siblings.findIndex((sibling) => sibling.id === over);
    const before = where === 'before' ? over : (siblings[at + 1]?.id ?? null);
    edit('place elements', { screen: screen.id, elements: ids, parent: target.parent, before });
  };

  const keys = (event: KeyboardEvent, element: Element): void => {
    const siblings = held(element.parent);
    const at = siblings.findIndex((sibling) => sibling.id === element.id);
    const rows = [
      ...event.currentTarget.closest('ul[data-contents]')!.querySelectorAll<HTMLElement>('[data-row]'),
    ];
    const row = rows.indexOf(event.currentTarget as HTMLElement);
    const move = (parent: Id | null, before: Id | null): void =>
      void edit('place elements', { screen: screen.id, elements: [element.id], parent, before });
    if (event.altKey && event.key === 'ArrowUp' && at > 0) move(element.parent, siblings[at - 1]!.id);
    else if (event.altKey && event.key === 'ArrowDown' && at < siblings.length - 1)
      move(element.parent, siblings[at + 2]?.id ?? null);
    else if (event.altKey && event.key === 'ArrowRight' && at > 0) move(siblings[at - 1]!.id, null);
    else if (event.altKey && event.key === 'ArrowLeft' && own.has(element.parent ?? '')) {
      const parent = own.get(element.parent!)!;
      const around = held(parent.parent);
      move(parent.parent, around[around.indexOf(parent) + 1]?.id ?? null);
    } else if (event.key === 'ArrowDown') rows[row + 1]?.focus();
    else if (event.key === 'ArrowUp') rows[row - 1]?.focus();
    else if (event.key === 'Delete') edit('delete elements', { screen: screen.id, elements: [element.id] });
    else return;
    event.preventDefault();
  };

  const row = (element: Element, depth: number): React.ReactNode => {
    const inner = held(element.id);
    const { hidden, locked } = element.editing ?? {};
    const aimed = drop?.over === element.id ? drop.where : null;
    const leads = linksFrom(project, screen.id).some(({ trigger }) => elementOf(trigger) === element.id);
    const placed = element.type === 'component' ? withId(project.components, element.component) : undefined;
    return (
      <li key={element.id}>
        <div
          className={`group flex items-center rounded ${all.includes(element.id) ? 'bg-chosen-wash' : 'hover:bg-chosen-wash'} ${
            aimed === 'inside' ? 'outline-2 outline-chosen' : ''
          } ${aimed === 'before' ? 'border-t-2 border-chosen' : ''} ${aimed === 'after' ? 'border-b-2 border-chosen' : ''}`}
          draggable
          onDragStart={(event) => {
            event.dataTransfer.effectAllowed = 'move';
            event.dataTransfer.setData('text/plain', element.name);
            setDragged(all.includes(element.id) ? all : [element.id]);
          }}
          onDragOver={(event) => {
            if (dragged.length === 0 || dragged.includes(element.id)) return;
            event.preventDefault();
            setDrop({ over: element.id, where: whereIn(event) });
          }}
          onDragLeave={() => setDrop(null)}
          onDrop={(event) => {
            event.preventDefault();
            if (drop) put(dragged, drop);
            setDrop(null);
            setDragged([]);
          }}
          onDragEnd={() => {
            setDrop(null);
            setDragged([]);
          }}
        >
          <GripVertical size={12} aria-hidden="true" className="shrink-0 cursor-grab text-soft opacity-50" />
          <button
            type="button"
            data-row
            className="flex min-h-6 min-w-0 flex-1 items-center justify-between gap-2 py-0.5 pr-1 text-left"
            style={{ paddingLeft: depth * 12 }}
            onClick={(event) => {
              if (event.shiftKey || event.ctrlKey || event.metaKey) chooseElementAlso(element.id);
              else choose({ element: element.id });
            }}
            onKeyDown={(event) => keys(event, element)}
          >
            <span className={`truncate ${hidden ? 'text-soft line-through' : ''}`}>{element.name}</span>
            <span className="shrink-0 text-sm text-soft">
              {locked && <Lock size={11} aria-label="locked" className="mr-1 inline" />}
              {element.type === 'button' && !leads
                ? 'button, leads nowhere'
                : (placed?.name ?? labelOf(element.type).toLowerCase())}
            </span>
          </button>
          <IconButton
            name={hidden ? `Show ${element.name} while editing` : `Hide ${element.name} while editing`}
            className={`size-6 ${hidden ? '' : 'opacity-0 group-hover:opacity-100 focus-visible:opacity-100'}`}
            onClick={() => flag(screen, [{ path: element.id, element }], 'hidden')}
          >
            {hidden ? <EyeOff size={13} /> : <Eye size={13} />}
          </IconButton>
        </div>
        {inner.length > 0 && <ul>{inner.map((item) => row(item, depth + 1))}</ul>}
      </li>
    );
  };

  return (
    <ul data-contents className="mb-2">
      {held(null).map((element) => row(element, 0))}
    </ul>
  );
}

/** The upper and lower quarters of a row are beside it, the middle is inside. */
function whereIn(event: DragEvent): Drop['where'] {
  const box = event.currentTarget.getBoundingClientRect();
  const share = (event.clientY - box.top) / box.height;
  return share < 0.28 ? 'before' : share > 0.72 ? 'after' : 'inside';
}

/** Before the name of a set, where it is one choice among types and components. */
const SET = 'set ';

function AddOne({ screen }: { screen: Id }) {
  const project = useStudio((studio) => studio.project);
  const components = project.components ?? [];
  return (
    <div className="flex flex-wrap gap-1">
      {(['button', 'text', 'panel', 'picture'] as const).map((type) => (
        <button
          key={type}
          type="button"
          className="inline-flex h-7 items-center gap-1 rounded-md border border-line px-2 font-semibold hover:bg-chosen-wash"
          onClick={() => addElement(screen, type)}
        >
          <Plus size={13} aria-hidden="true" /> {labelOf(type)}
        </button>
      ))}
      <select
        aria-label="Add another element"
        value=""
        className="h-7 rounded-md border border-line bg-sheet px-1 font-semibold"
        onChange={(event) => {
          const { value } = event.target;
          if (value.startsWith(SET)) return addSet(screen, value.slice(SET.length));
          const tool = TOOLS.find(([type]) => type === value)?.[0];
          addElement(screen, tool ?? { component: value });
        }}
      >
        <option value="">more …</option>
        {TOOLS.slice(4).map(([type]) => (
          <option key={type} value={type}>
            {labelOf(type)}
          </option>
        ))}
        <optgroup label="Ready sets">
          {setsFor(project).map(([set, { label }]) => (
            <option key={set} value={SET + set}>
              {label}
            </option>
          ))}
        </optgroup>
        {components.length > 0 && (
          <optgroup label="Components">
            {components.map((component) => (
              <option key={component.id} value={component.id}>
                {component.name}
              </option>
            ))}
          </optgroup>
        )}
      </select>
    </div>
  );
}
