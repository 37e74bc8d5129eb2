import { compile } from '@tavu/core/compile';
import { compileAnimation, sampleAnimation } from '@tavu/core/animate';
import { blankProject, type Element } from '@tavu/core/model';
import { freshElement } from '@tavu/core/starter';
import { openInStudio } from '../store/store';
import { isKeying, keyedAt, keyedTurn, posesNow, rectNow, useKeying } from './keying';

const base = blankProject('Test');
const panel = { ...freshElement(base, 'panel'), id: 'e-p', name: 'Panel' };
const rest = { x: 100, y: 100, width: 200, height: 100 };
const at = (element: Element, micros: number) =>
  sampleAnimation(compileAnimation('e-p', element.animations![0]!, base.rates, false), micros);

beforeEach(() => {
  openInStudio(
    {
      ...base,
      screens: [
        {
          id: 's',
          name: 'Harbour',
          kind: 'custom',
          layer: 'base',
          background: { colour: '#102030' },
          elements: [panel],
        },
      ],
      start: 's',
    },
    new Map(),
  );
  useKeying.setState({ screen: 's', at: 2_000_000 });
});
afterEach(() => useKeying.setState({ screen: null }));

test('brought elsewhere at a moment, an element is there at that moment and at rest at the beginning', () => {
  const { change } = keyedAt('e-p', panel, rest, { ...rest, x: 160, y: 90 }, false);
  const moved = { ...panel, ...change } as Element;
  expect(at(moved, 2_000_000)).toMatchObject({ x: 60, y: -10, scale: 1 });
  expect(at(moved, 0)).toMatchObject({ x: 0, y: 0 });
  expect(rectNow(moved, rest)).toEqual({ ...rest, x: 160, y: 90 });
});

test('made larger at a moment, it grows about its middle; turned, it turns', () => {
  const { change } = keyedAt('e-p', panel, rest, { x: 50, y: 75, width: 300, height: 150 }, false);
  const grown = { ...panel, ...change } as Element;
  expect(at(grown, 2_000_000)).toMatchObject({ x: 0, y: 0, scale: 1.5 });
  expect(rectNow(grown, rest)).toEqual({ x: 50, y: 75, width: 300, height: 150 });
  const turned = { ...grown, ...keyedTurn(grown, 15) } as Element;
  expect(at(turned, 2_000_000)).toMatchObject({ scale: 1.5, turn: 15 });
});

test('only while keyframes are set on that screen does anything stand elsewhere', () => {
  const { change } = keyedAt('e-p', panel, rest, { ...rest, x: 160 }, false);
  const project = {
    ...base,
    screens: [
      {
        id: 's',
        name: 'Harbour',
        kind: 'custom' as const,
        layer: 'base' as const,
        background: { colour: '#102030' },
        elements: [{ ...panel, ...change } as Element],
      },
    ],
    start: 's',
  };
  const compiled = compile(project).screens.get('s')!;
  expect(posesNow(compiled)!.get('e-p')).toMatchObject({ x: 60, opacity: 1 });
  useKeying.setState({ screen: null });
  expect(isKeying('s')).toBe(false);
  expect(posesNow(compiled)).toBeUndefined();
});
