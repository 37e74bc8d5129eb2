import { freshId, type Conversation, type Element, type Role, type Screen } from '../model';
import { at, body, button, centre, end, panel, start } from './pieces';

/** A dialogue screen with every part a conversation may want, at the lower edge of the frame. */
export function dialoguePieces(): Element[] {
  const choices: Element = {
    ...panel(at({ at: 'end', offset: '10%', size: 640 }, end(400, 330))),
    name: 'Choices',
    box: { style: 'b-panel', fill: '#00000000', border: '#00000000' },
    arrange: { by: 'column', gap: 18, across: 'stretch', along: 'end' },
    role: 'choices',
  };
  const option = (n: number): Element => ({
    ...button(`Choice ${n}`, at(start(0, 640), start(0, 84))),
    parent: choices.id,
  });
  return [
    portrait('Left portrait', 'left', 140),
    portrait('Right portrait', 'right', null),
    { ...panel(at(centre(0, '80%'), end(70, 270))), name: 'Box' },
    { ...body('Name', 'Who speaks', at(start('12%', 700), end(272, 50))), role: 'name' },
    {
      id: freshId('e'),
      name: 'Says',
      type: 'spoken',
      parent: null,
      place: at(centre(0, '76%'), end(104, 160)),
      text: 'What is said.',
      look: { style: 't-body' },
    },
    {
      ...body('More', '»', at({ at: 'end', offset: '12%', size: 50 }, end(84, 50)), 'centre'),
      role: 'more',
      turn: 90,
      animations: [
        {
          id: freshId('n'),
          on: 'arrival',
          repeat: 'there and back',
          frames: [
            { at: '0 s', y: 0, easing: 'ease-in-out' },
            { at: '0.5 s', y: 8 },
          ],
        },
      ],
    },
    choices,
    option(1),
    option(2),
    option(3),
  ];
}

function portrait(name: string, role: Role, left: number | null): Element {
  return {
    id: freshId('e'),
    name,
    type: 'portrait',
    parent: null,
    place: at(left === null ? end(140, 300) : start(left, 300), end(360, 360)),
    asset: null,
    fit: 'contain',
    box: { style: 'b-panel', fill: '#00000000', border: '#00000000' },
    role,
    ...(left === null ? { flipped: true } : {}),
  };
}

/** The first line of a new dialogue screen, until another is written. */
export const firstWords = (screen: Screen): Conversation => ({
  id: freshId('c'),
  name: screen.name,
  screen: screen.id,
  steps: [{ id: freshId('s'), step: 'line', speaker: null, text: 'Somebody says something here.' }],
});
