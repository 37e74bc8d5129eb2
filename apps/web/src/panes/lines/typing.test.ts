import type { Said, Speaker } from '@tavu/core/model';
import { speakerTyped, turned } from './typing';

const speaker = (id: string, name: string, faces: string[] = []): Speaker => ({
  id,
  name,
  faces: faces.map((face) => ({ name: face, asset: `a-${face}` })),
});
const speakers = [speaker('i', 'Ines', ['usual', 'worried']), speaker('o', 'Orla'), speaker('oo', 'Orlando')];
const said: Said = { speaker: 'i', text: '' };

test.each([
  ['ines: Fog.', 'i', 'Fog.'],
  ['I: Fog.', 'i', 'Fog.'],
  ['Orla: So.', 'o', 'So.'],
  ['orlan: So: there.', 'oo', 'So: there.'],
])('%s is said by who it names', (text, id, rest) =>
  expect(speakerTyped(text, speakers)).toMatchObject({ speaker: { id }, rest }),
);

test.each(['Or: which?', 'Nobody: hm', 'At ten:', 'ten:30', '', ': what'])('%s names nobody', (text) =>
  expect(speakerTyped(text, speakers)).toBeNull(),
);

test('turning goes through all there are, and round to what is usual', () => {
  const round = (what: 'side' | 'face' | 'bubble' | 'speaker', key: keyof Said, times: number): unknown[] => {
    const seen: unknown[] = [];
    let now = said;
    for (let i = 0; i < times; i++) {
      now = { ...now, ...turned(what, now, speakers) };
      seen.push(now[key]);
    }
    return seen;
  };
  expect(round('side', 'side', 4)).toEqual(['left', 'right', 'middle', undefined]);
  expect(round('face', 'face', 2)).toEqual(['worried', undefined]);
  expect(round('speaker', 'speaker', 4)).toEqual(['o', 'oo', null, 'i']);
  expect(round('bubble', 'bubble', 7).at(-1)).toBeUndefined();
  // Another speaker has faces of their own.
  expect(turned('speaker', { ...said, face: 'worried' }, speakers)).toHaveProperty('face', undefined);
});
