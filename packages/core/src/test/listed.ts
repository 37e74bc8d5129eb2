import type { Component, ListElement, ListValue } from '../model';

/** A list of names, an element that shows it, and what each of its rows is. */
export function listed(): { list: ListValue; element: ListElement; row: Component } {
  const list: ListValue = {
    id: 'y-players',
    name: 'players',
    section: 'Lobby',
    life: 'session',
    byGame: true,
    fields: [{ id: 'name', name: 'name', type: 'text' }],
    key: 'name',
    default: [],
    samples: [],
  };
  const at = (offset: number, size: number) => ({ at: 'start' as const, offset, size });
  const element: ListElement = {
    id: 'table',
    name: 'Players',
    type: 'list',
    parent: null,
    place: { x: at(1000, 700), y: at(200, 600) },
    rows: [],
    rowHeight: 80,
    list: list.id,
    row: 'k-row',
    look: { style: 't-body' },
    box: { style: 'b-panel' },
  };
  const row: Component = {
    id: 'k-row',
    name: 'Row',
    width: 700,
    height: 80,
    parameters: [{ id: 'q-name', name: 'name', type: 'text', default: '' }],
    elements: [
      {
        id: 'who',
        name: 'Who',
        type: 'text',
        parent: null,
        place: { x: at(20, 400), y: at(10, 60) },
        text: '{name}',
        look: { style: 't-body' },
      },
    ],
  };
  return { list, element, row };
}
