import fc from 'fast-check';
import { outlineOf } from '../drawing';
import { readOutline, type ReadOutline } from '.';

const read = (inner: string): ReadOutline => {
  const found = readOutline(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">${inner}</svg>`);
  if ('code' in found) throw new Error(found.code);
  return found;
};
/** Numbers to a hundredth: shares are kept to five places. */
const drawn = ({ lines, width, height }: ReadOutline): string =>
  outlineOf({ is: 'path', lines }, { x: 0, y: 0, width, height }, 0).replace(/[\d.]+/g, (n) =>
    String(Math.round(Number(n) * 100) / 100),
  );

test('polygons, lines and rectangles are read as their points, in the box around them', () => {
  expect(read('<polygon points="10,10 50,10 30,40"/>')).toEqual({
    width: 40,
    height: 30,
    lines: [
      {
        points: [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 0.5, y: 1 },
        ],
      },
    ],
  });
  expect(read('<line x1="0" y1="0" x2="20" y2="10"/>').lines).toEqual([
    {
      points: [
        { x: 0, y: 0 },
        { x: 1, y: 1 },
      ],
      open: true,
    },
  ]);
  expect(drawn(read('<rect x="5" y="5" width="30" height="20"/>'))).toBe('M0 0L30 0L30 20L0 20L0 0Z');
});

test('curves keep their handles; arcs and quadratic curves are cubic ones', () => {
  expect(drawn(read('<path d="M0 0C10 0 30 20 30 30"/>'))).toBe('M0 0C10 0 30 20 30 30');
  expect(drawn(read('<path d="M0 0Q30 0 30 30"/>'))).toBe('M0 0C20 0 30 10 30 30');
  const circle = read('<circle cx="50" cy="50" r="20"/>');
  expect([circle.width, circle.height]).toEqual([expect.closeTo(40, 1), expect.closeTo(40, 1)]);
  expect(circle.lines).toHaveLength(1);
});

test('a shape stands as its groups are moved, turned and scaled; what is only told of is left out', () => {
  const found = read(
    '<defs><path d="M0 0L900 900"/></defs><g transform="translate(10 20)"><g transform="scale(2)"><path d="M0 0h10v5z"/></g></g>',
  );
  expect([found.width, found.height, found.lines.length]).toEqual([20, 10, 1]);
  const turned = read('<g transform="rotate(90)"><path d="M0 0h10v5z"/></g>');
  expect([turned.width, turned.height]).toEqual([expect.closeTo(5, 4), expect.closeTo(10, 4)]);
});

test('what is no drawing, or has no outline, is refused in words; nothing throws', () => {
  const code = (text: string): string => {
    const found = readOutline(text);
    return 'code' in found ? found.code : 'read';
  };
  expect(code('not a drawing')).toBe('fault');
  expect(code('<svg><path d="M0 0"')).toBe('fault');
  expect(code('<svg><text>Hi</text></svg>')).toBe('no outline');
  expect(code('<svg><path d="M0 0L nonsense"/></svg>')).toMatch(/no outline|fault/);
  expect(code(`<svg><path d="M0 0${'h1'.repeat(6000)}"/></svg>`)).toBe('too many points');
  fc.assert(
    fc.property(fc.string({ maxLength: 60 }), (d) => {
      expect(typeof code(`<svg><path d="${d.replace(/[<&"]/g, '')}"/></svg>`)).toBe('string');
    }),
  );
});
