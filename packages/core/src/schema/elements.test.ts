import fc from 'fast-check';
import { blankProject, type Component, type Element, type Project } from '../model';
import { AUTHOR } from '../elements/author';
import { freshElement } from '../starter';
import { anyComponents, anyElements } from '../test/elements';
import { buttonOf, projectOf, screenOf } from '../test/flows';
import { readDocument, writeProject } from '.';

/**
 * Elements, looks, components and fonts at the edge: what is right comes through whole, what is wrong is told by its
 * place.
 */

const lean = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
const withElements = (elements: Element[], over: Partial<Project> = {}): Project =>
  lean(projectOf([screenOf('s', { elements })], [], over));
const placesOf = (project: unknown): string[] => {
  const read = readDocument(project);
  return 'problems' in read ? read.problems.map((problem) => problem.place) : [];
};
const component: Component = {
  id: 'k',
  name: 'Way back',
  width: 300,
  height: 80,
  parameters: [{ id: 'q', name: 'label', type: 'text', default: 'Back' }],
  elements: [buttonOf('b', 0)],
};

test('any elements and components are read back as they were written', () => {
  fc.assert(
    fc.property(anyElements(6), anyComponents, (elements, components) => {
      const project = withElements(elements, { components });
      const read = readDocument(JSON.parse(writeProject(project)));
      expect('project' in read ? read.project : read).toEqual(project);
    }),
    { numRuns: 60 },
  );
});

test.each(Object.keys(AUTHOR).filter((type) => type !== 'component'))(
  'a %s as it is first made can be filed, and is drawn in the default styles',
  (type) => {
    const made = freshElement(blankProject('Test'), type as Exclude<Element['type'], 'component'>);
    expect(placesOf(withElements([{ ...made, id: 'e' }]))).toEqual([]);
    if ('look' in made) expect(made.look.style).toMatch(/^t-/);
    if ('box' in made) expect(made.box.style).toMatch(/^b-/);
  },
);

test('in a project without the default styles, a new element has the first there is', () => {
  const bare: Project = { ...blankProject('Bare'), styles: { text: [], box: [] } };
  const own = {
    ...bare,
    styles: { ...bare.styles, box: [{ ...blankProject('').styles.box[0]!, id: 'b-mine' }] },
  };
  expect(freshElement(own, 'panel')).toMatchObject({ box: { style: 'b-mine' } });
});

test.each([
  ['a type that there is none of', { type: 'wheel' }],
  ['a place without a size', { place: { x: { at: 'start', offset: 1 }, y: buttonOf('e', 0).place.y } }],
  ['an opacity beyond one', { opacity: 2 }],
  ['a blend that there is none of', { blend: 'burn away' }],
  ['a colour that is none', { box: { style: 'b-button', fill: 'rgb(1,2,3)' } }],
  ['a gradient without stops', { box: { style: 'b-button', gradient: { angle: 3 } } }],
  ['a shadow that is a number', { box: { style: 'b-button', shadow: 4 } }],
  ['a text size of nothing', { look: { style: 't-body', size: 0 } }],
  ['a fit without a most', { look: { style: 't-body', fit: { min: 4 } } }],
  ['a lift by halves', { lift: 0.5 }],
])('an element with %s is refused where it stands', (_, change) => {
  const bad = { ...buttonOf('e', 0), ...change } as unknown as Element;
  expect(placesOf(withElements([buttonOf('a', 0), bad]))[0]).toMatch(/^screens\[0\]\.elements\[1\]/);
});

test('a component’s elements are checked like a screen’s, for types, twins and circles', () => {
  const file = (elements: unknown[]): string[] =>
    placesOf(withElements([], { components: [{ ...component, elements: elements as Element[] }] }));
  expect(file([{ ...buttonOf('b', 0), text: 5 }])[0]).toMatch(/^components\[0\]\.elements\[0\]/);
  expect(file([buttonOf('b', 0), buttonOf('b', 9)])).toEqual(['components[0].elements[1].id']);
  expect(file([{ ...buttonOf('b', 0), parent: 'b' }])).toEqual(['components[0].elements[0].parent']);
});

test('what a place says otherwise has to leave an element an element', () => {
  const placed = (changes: unknown): Element =>
    ({
      id: 'x',
      name: 'x',
      type: 'component',
      component: 'k',
      parent: null,
      place: buttonOf('x', 0).place,
      changes,
    }) as unknown as Element;
  const file = (changes: unknown): string[] =>
    placesOf(withElements([placed(changes)], { components: [component] }));
  expect(file({ b: { text: 'Hello', look: { size: 20 } } })).toEqual([]);
  expect(file({ b: { text: 5 } })).toEqual(['screens[0].elements[0].changes.b.text']);
  expect(file({ b: { place: 3 } })).toEqual(['screens[0].elements[0].changes.b.place']);
  // Of an element that is gone nothing is said any more.
  expect(file({ gone: { text: 5 } })).toEqual([]);
});

test('colours, components and fonts have ids of their own', () => {
  const colour = { id: 'c-sea', name: 'Sea', colour: '#123456' };
  const twice = withElements([], {
    components: [component, component],
    styles: { text: [], box: [], colours: [colour, colour] },
  });
  expect(placesOf(twice).sort()).toEqual(['components[1].id', 'styles.colours[1].id']);
  expect(
    placesOf({
      ...twice,
      components: [],
      styles: { text: [], box: [], colours: [{ ...colour, id: '#123456' }] },
    }),
  ).toEqual(['styles.colours[0].id']);
});

test('a font’s measures are letters by numbers, and nothing else', () => {
  const font = (face: unknown): string[] =>
    placesOf(
      withElements([], {
        assets: [{ id: 'i', name: 'Sign', media: 'font/woff', width: 0, height: 0, bytes: 9, face } as never],
      }),
    );
  const face = {
    unitsPerEm: 1000,
    ascender: 900,
    descender: -200,
    advances: { '500': 'ab' },
    kerning: { a: { '-20': 'b' } },
  };
  expect(font(face)).toEqual([]);
  expect(font({ ...face, unitsPerEm: 0 })[0]).toBe('assets[0].face.unitsPerEm');
  expect(font({ ...face, advances: { wide: 'a' } })[0]).toMatch(/^assets\[0\]\.face\.advances/);
  expect(font({ ...face, kerning: { a: 'b' } })[0]).toMatch(/^assets\[0\]\.face\.kerning/);
});
