import { complete, scopeOfScreen } from '.';
import { project, tide, scope } from '../test/named';

const offered = (text: string, caret = text.length, of = scope) => complete(text, caret, of);
const labels = (text: string, caret?: number) => offered(text, caret).map((completion) => completion.label);

test('what is typed of a name is replaced whole, and nothing where none is typed', () => {
  expect(offered('lam')[0]).toEqual({ write: 'lamp_oil', from: 0, to: 3, label: 'lamp oil', hint: 'number' });
  expect(offered('1 + lamp_oil < 3', 7)[0]).toMatchObject({ label: 'lamp oil', from: 4, to: 12 });
  expect(offered('lamp', 0)[0]).toMatchObject({ from: 0, to: 0 });
  expect(offered('1 + ')[0]).toMatchObject({ from: 4, to: 4 });
  expect(offered('1 + lamp_oil ', 13)[0]).toMatchObject({ from: 13, to: 13 });
});

test('found by any letters of its words or of how it is written, those that begin with them first', () => {
  expect(labels('OIL').slice(0, 2)).toEqual(['oil', 'lamp oil']);
  expect(labels('lamp_')).toEqual(['lamp oil']);
  expect(labels('clam')).toEqual(['clamp(n, min, max)']);
  expect(labels('iscov')).toEqual(['isCovered()']);
  expect(labels('zzz')).toEqual([]);
  // “max(a, b)” ends with no letter and “lamp oil” begins with l.
  expect(labels('l').slice(0, 2)).toEqual(['lamp oil', 'lit']);
  expect(labels('l').indexOf('oil')).toBeGreaterThan(1);
});

test('in isUp( ) and cameFrom( ) the screens are offered, once each, and nowhere else', () => {
  for (const text of ['isUp(', 'cameFrom(', 'lit && isUp('])
    expect(offered(text)).toEqual([
      { write: 'Tide_table)', from: text.length, to: text.length, label: 'Tide table', hint: 'screen' },
      { write: 'Pause)', from: text.length, to: text.length, label: 'Pause', hint: 'screen' },
    ]);
  expect(offered('isUp() && lit', 5).map(({ write }) => write)).toEqual(['Tide_table', 'Pause']);
  expect(labels('isUp( && lit', 5)).toEqual(['Tide table', 'Pause']);
  expect(labels('isUp(pa')).toEqual(['Pause']);
  for (const text of ['isUp && ', 'min(', 'xisUp(', 'isUpx(', '(', '', '== ', 'gone == '])
    expect(labels(text).filter((label) => /Tide|Pause/.test(label))).toEqual([]);
});

test('beside what a choice or a switch is compared with, what it can be comes first', () => {
  const first = (text: string) =>
    offered(text)
      .slice(0, 2)
      .map(({ write, label, hint }) => [write, label, hint]);
  for (const op of ['==', '!=', '===', '!=='])
    expect(first(`lit && grade ${op} `)).toEqual([
      ['"low"', 'Faint', 'option'],
      ['"high"', 'Bright', 'option'],
    ]);
  expect(first('lit == ')).toEqual([
    ['true', 'On', 'on'],
    ['false', 'Off', 'off'],
  ]);
  expect(first('door != ')).toEqual([
    ['true', 'Open', 'on'],
    ['false', 'Shut', 'off'],
  ]);
  for (const text of ['grade < ', 'oil == ', 'grade ', 'gone == '])
    expect(first(text)[0]).toEqual(['oil', 'oil', 'number']);
});

test('each is offered with what it is', () => {
  const inTide = complete('', 0, scopeOfScreen(project, tide));
  const hint = (label: string) => inTide.find((completion) => completion.label === label)?.hint;
  expect(['oil', 'asked', 'lit', 'door', 'grade'].map(hint)).toEqual([
    'number',
    'Parameter, number',
    'Parameter, text',
    'on/off',
    'choice',
  ]);
  expect(inTide.find((completion) => completion.label === 'isCovered()')!.write).toBe('isCovered()');
  expect(inTide.find((completion) => completion.label === 'min(a, b)')!.write).toBe('min(');
});
