import { drawingOf, readGroups, type Drawing } from './groups';
import { svgFault } from './svg';

const SIZE = { width: 200, height: 100 };
const SVG = `<?xml version="1.0"?>
<svg xmlns="http://www.w3.org/2000/svg" xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape" viewBox="0 0 100 50" fill="red">
  <defs><linearGradient id="a"><stop offset="0" stop-color="#fff"/></linearGradient></defs>
  <rect width="100" height="50" fill="url(#a)"/><circle r="3"/>
  <g inkscape:label="Lamp" opacity="0.5" style="mix-blend-mode:multiply;fill:#00f"><g id="inner"><rect width="9" height="9"/></g></g>
  <g id="Glow" style="display:none"><path d="M0 0h1"/></g>
  <g/>
</svg>`;
const read = (text: string): Drawing => {
  const found = readGroups(text, SIZE);
  if ('code' in found) throw new Error(found.code);
  return found;
};

test('the groups at the top come in order, with name, opacity, visibility and blending; loose shapes as one', () => {
  const { groups, view } = read(SVG);
  expect(groups.map(({ name, opacity, hidden, blend }) => [name, opacity, hidden, blend])).toEqual([
    ['Shapes', 1, false, 'normal'],
    ['Lamp', 0.5, false, 'multiply'],
    ['Glow', 1, true, 'normal'],
    ['Group', 1, false, 'normal'],
  ]);
  expect(groups[0]!.text).toContain('<circle r="3"/>');
  expect(view).toEqual({ x: 0, y: 0, width: 100, height: 50 });
});

test('each is a drawing by itself, without what its element is given, that shows its part at the size it had', () => {
  const drawing = read(SVG);
  const lamp = drawingOf(drawing, drawing.groups[1]!, SIZE, { x: 20, y: 10, width: 60, height: 30 });
  expect(svgFault(lamp)).toBeNull();
  expect(lamp).toContain('viewBox="10 5 30 15"');
  expect(lamp).toMatch(/^<svg [^>]*fill="red"[^>]* width="60" height="30"/);
  expect(lamp).toContain('<linearGradient id="a">');
  expect(lamp).toMatch(/<g inkscape:label="Lamp" style="fill:#00f"><g id="inner">.*<\/g><\/g><\/svg>$/);
  expect(lamp).not.toMatch(/opacity|mix-blend|circle/);
  const glow = drawingOf(drawing, drawing.groups[2]!, SIZE);
  expect(glow).toContain('<g id="Glow"><path');
});

test('groups are cut out where they stand, whatever stands beside them', () => {
  const close =
    '<svg xmlns="http://www.w3.org/2000/svg"><g id="a"><g/></g><g id="b"><path d="M0 0"/></g></svg>';
  expect(read(close).groups.map(({ text }) => text)).toEqual([
    '<g id="a"><g/></g>',
    '<g id="b"><path d="M0 0"/></g>',
  ]);
});

test('one without groups, or that is no safe drawing, is refused in words', () => {
  expect(readGroups('<svg xmlns="http://www.w3.org/2000/svg"><rect/></svg>', SIZE)).toMatchObject({
    code: 'no groups',
  });
  expect(readGroups('<svg xmlns="http://www.w3.org/2000/svg"><g><script/></g></svg>', SIZE)).toMatchObject({
    code: 'script',
  });
  expect(readGroups('<svg', SIZE)).toMatchObject({ code: 'ill-formed' });
});
