import type { AssetBytes, PageParts } from '@tavu/core/exchange';
import type { Id, Project } from '@tavu/core/model';

/** What is built besides the application, and served with it: the player, the built-in fonts, the demo. */

const FACES = ['plain', 'plain-bold', 'display'];
export const fontAddress = (face: string): string => `/built/fonts/${face}.woff2`;
export const fontAddresses = (): Record<string, string> =>
  Object.fromEntries(FACES.map((face) => [face, fontAddress(face)]));

/** Throws what to tell the person where it cannot be had. */
export async function bytesAt(address: string): Promise<Uint8Array> {
  const answer = await fetch(address);
  if (!answer.ok) throw new Error(`${address} could not be read (${answer.status}).`);
  return new Uint8Array(await answer.arrayBuffer());
}

/** The player with its fonts and notices, as pages carry them. */
export async function playerParts(): Promise<PageParts> {
  const [player, notices, ...fonts] = await Promise.all(
    ['/built/player.js', '/built/notices.txt', ...FACES.map(fontAddress)].map(bytesAt),
  );
  return {
    player: new TextDecoder().decode(player),
    notices: new TextDecoder().decode(notices),
    fonts: Object.fromEntries(FACES.map((face, i) => [face, fonts[i]!])),
  };
}

/** The demo, which was checked when it was built. Throws what to tell the person where it cannot be had. */
export async function builtDemo(): Promise<{ project: Project; assets: AssetBytes }> {
  const text = new TextDecoder().decode(await bytesAt('/built/saltwick-light.json'));
  const { project, assets } = JSON.parse(text) as { project: Project; assets: [Id, string][] };
  const bytes = (base64: string): Uint8Array => Uint8Array.from(atob(base64), (value) => value.charCodeAt(0));
  return { project, assets: new Map(assets.map(([id, base64]) => [id, bytes(base64)])) };
}
