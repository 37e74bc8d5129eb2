import type { Page } from '@playwright/test';
import { zipSync } from 'fflate';
import { readdirSync, readFileSync } from 'node:fs';
import { parse } from 'node:path';
import type { Element, Project } from '../packages/core/src/model';
import { screenOf } from '../packages/core/src/test/flows';

const FROM = 'examples/saltwick-light';
const BUTTONS = 40;
const PICTURES = 16;

/** The demo's artwork on one screen: forty buttons of nine parts, and sixteen flames that play. */
export function artworkFile(): Buffer {
  const demo = JSON.parse(readFileSync(`${FROM}/project.json`, 'utf8')) as Project;
  const at = (x: number, y: number, width: number, height: number): Element['place'] => ({
    x: { at: 'start', offset: x, size: width },
    y: { at: 'start', offset: y, size: height },
  });
  const grid = (i: number) => ({ x: 20 + (i % 8) * 235, y: 20 + Math.floor(i / 8) * 96 });
  const buttons = Array.from({ length: BUTTONS }, (_, i) => {
    const { x, y } = grid(i);
    const look = { look: { style: 't-button' }, box: { style: 'b-button' } };
    return { ...named(`Plank ${i + 1}`, 'button', at(x, y, 220, 80)), text: `Plank ${i + 1}`, ...look };
  });
  const pictures = Array.from({ length: PICTURES }, (_, i) => {
    const { x, y } = grid(i);
    // At rates of their own, so that they change in different frames.
    const plays = { rate: 12 + (i % 4), repeat: 'loop' as const, on: 'arrival' as const };
    return {
      ...named(`Flame ${i + 1}`, 'picture', at(x, 540 + y * 2, 64, 80)),
      asset: 'a-flame',
      fit: 'contain' as const,
      plays,
    };
  });
  const screen = screenOf('s-art', { name: 'Artwork', elements: [...buttons, ...pictures] as Element[] });
  const project: Project = {
    ...demo,
    id: 'p-artwork',
    name: 'Artwork',
    screens: [screen],
    links: [],
    start: screen.id,
    areas: [],
    conversations: [],
    routines: [],
    skins: [],
  };
  const files = readdirSync(`${FROM}/assets`).map((name) => [
    `assets/${parse(name).name}`,
    new Uint8Array(readFileSync(`${FROM}/assets/${name}`)),
  ]);
  const written = new TextEncoder().encode(JSON.stringify(project));
  return Buffer.from(zipSync({ 'project.json': written, ...Object.fromEntries(files) }));
}

const named = (name: string, type: string, place: Element['place']) => ({
  id: name.toLowerCase().replace(' ', '-'),
  name,
  type,
  parent: null,
  place,
});

/** Opens that file and plays it, until its pictures are there. */
export async function openArtwork(page: Page): Promise<void> {
  await page.getByTitle('Projects').click();
  const file = { name: 'artwork.zip', mimeType: 'application/zip', buffer: artworkFile() };
  await page.getByLabel('Project file').setInputFiles(file);
  await page.getByTitle('Projects').filter({ hasText: 'Artwork' }).waitFor();
  await page.locator('[data-card="s-art"] button').first().click();
  await page.getByRole('button', { name: 'Start here' }).click();
}
