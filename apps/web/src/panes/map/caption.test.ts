import { readFileSync } from 'node:fs';
import type { Project } from '@tavu/core/model';
import { captionOf } from './caption';

const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
const idOf = (name: string): string => demo.screens.find((screen) => screen.name === name)!.id;
const quiet = {
  after: null,
  stays: null,
  odd: false,
  back: false,
  ends: false,
  troubled: false,
  status: 'draft',
  notes: 0,
};

test('a card says what its screen does by itself', () => {
  expect(captionOf(demo, idOf('Warning'))).toEqual({ ...quiet, after: '4.5 s' });
  expect(captionOf(demo, idOf('Oil found'))).toMatchObject({ stays: 'shows for 1.6 s' });
  expect(captionOf(demo, idOf('Objective'))).toMatchObject({ stays: 'stays until replaced or cleared' });
  expect(captionOf(demo, idOf('Pause'))).toMatchObject({ back: true });
  expect(captionOf(demo, idOf('Title'))).toMatchObject({ ends: true });
});

test('what is wrong is told; what is only not made yet is not, and another project is looked at anew', () => {
  const title = idOf('Title');
  const [link] = demo.links.filter((other) => other.from === title && other.to);
  const with_ = (to: { gap: string } | { screen: string }): Project => ({
    ...demo,
    links: demo.links.map((item) => (item === link ? { ...item, to } : item)),
  });
  expect(captionOf(demo, title).troubled).toBe(false);
  expect(captionOf(with_({ gap: 'Later' }), title).troubled).toBe(false);
  expect(captionOf(with_({ screen: 's-nowhere' }), title).troubled).toBe(true);
  expect(captionOf(demo, title)).toBe(captionOf(demo, title));
});
