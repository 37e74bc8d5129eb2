import type { Element, Id, Layer, Link, Screen, Target } from '../model';

/** The id under which a gap runs: one stand-in for each name and layer. */
export const gapId = (layer: Layer, name: string): Id => `gap:${layer}:${name}`;

/** The name in a stand-in's id, or null for a screen that exists. */
export function gapName(id: Id): string | null {
  const match = /^gap:(?:base|overlay|notice):(.*)$/s.exec(id);
  return match ? match[1]! : null;
}

/** What runs and shows in place of a screen that is not made yet: its name and a way back. */
export function standIn(layer: Layer, name: string): Screen {
  const text = (id: Id, value: string, style: Id, y: number): Element => ({
    id,
    name: id,
    type: 'text',
    parent: null,
    text: value,
    look: { style, align: 'centre', colour: '#e8eef2', font: 'plain' },
    place: {
      x: { at: 'centre', offset: 0, size: '80%' },
      y: { at: 'centre', offset: y, size: 120 },
    },
  });
  return {
    id: gapId(layer, name),
    name,
    kind: 'custom',
    layer,
    trail: 'skipped',
    background: { colour: layer === 'base' ? '#33414c' : '#33414cee' },
    elements: [
      text('name', name, 't-heading', -120),
      text('why', 'This screen is not made yet', 't-body', 0),
      {
        id: 'back',
        name: 'Back',
        type: 'button',
        parent: null,
        text: 'Back',
        look: { style: 't-button', font: 'plain' },
        box: { style: 'b-button' },
        place: {
          x: { at: 'centre', offset: 0, size: 280 },
          y: { at: 'centre', offset: 140, size: 88 },
        },
      },
    ],
  };
}

/** The stand-in's way back: along the trail or beneath, else to the start. */
export function standInLinks(id: Id, start: Target): Link[] {
  const triggers: Link['trigger'][] = [
    { on: 'press', element: 'back' },
    { on: 'action', action: 'back', when: 'down' },
  ];
  return triggers.flatMap((trigger, i): Link[] => [
    { id: `${id}/back ${i}`, from: id, trigger, kind: 'back', effects: [] },
    { id: `${id}/start ${i}`, from: id, trigger, kind: 'go', to: start, effects: [] },
  ]);
}
