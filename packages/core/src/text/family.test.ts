import { readFileSync } from 'node:fs';
import { readFace } from '../font';
import type { Asset } from '../model';
import { fontOf } from '.';

const FILES = 'node_modules/@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-';
const face = (name: string): Asset => {
  const bytes = readFileSync(`${FILES}${name}.woff`);
  const buffer = bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer;
  return {
    id: name,
    name,
    media: 'font/woff',
    width: 0,
    height: 0,
    bytes: bytes.length,
    face: readFace(buffer),
  };
};
const assets = ['300-normal', '400-normal', '700-normal', '400-italic'].map(face);
const other: Asset = { ...assets[1]!, id: 'other', face: { ...assets[1]!.face!, family: undefined } };
const project = { assets: [...assets, other] };
const of = (weight: number, italic?: true, font = '400-normal') => {
  const { face: id, slanted, heavier } = fontOf(project, { font, weight, italic });
  return [id, ...(slanted ? ['slanted'] : []), ...(heavier ? ['heavier'] : [])].join(' ');
};

test('a font file says its family, weight and slope', () => {
  const said = assets.map(({ face: own }) => [own!.weight, own!.italic]);
  expect(said).toEqual([
    [300, undefined],
    [400, undefined],
    [700, undefined],
    [400, true],
  ]);
  expect(new Set(assets.map(({ face: own }) => own!.family)).size).toBe(1);
  expect(assets[0]!.face!.family).toMatch(/^Atkinson Hyperlegible Mono/);
});

test('of a family the face nearest to weight and slope is taken, whichever of it is named', () => {
  expect([of(400), of(700), of(900), of(100), of(300), of(400, true)]).toEqual([
    '400-normal',
    '700-normal',
    '700-normal',
    '300-normal',
    '300-normal',
    '400-italic',
  ]);
  expect(of(700, undefined, '400-italic')).toBe('700-normal');
});

test('what a family lacks is made of what it has; a font without a family stands by itself', () => {
  expect(of(700, true)).toBe('400-italic heavier');
  expect(of(700, undefined, 'other')).toBe('other heavier');
  expect(of(400, true, 'other')).toBe('other slanted');
  expect(of(700, true, 'display')).toBe('display slanted heavier');
  expect(of(700, true, 'plain')).toBe('plain-bold slanted');
  expect(of(400, undefined, 'gone')).toBe('plain');
});
