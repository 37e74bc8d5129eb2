import { base64 } from '../bytes';
import type { Project } from '../model';
import { colourOf } from '../paint';
import type { AssetBytes } from './bundle';

/** What the one-file page is put together from, besides the project. */
export interface PageParts {
  /** The player as one classic script. */
  player: string;
  /** The house fonts' woff2 bytes by face name. */
  fonts: Record<string, Uint8Array>;
}

/**
 * One HTML page that plays the project by itself: script, fonts, pictures and project inside, and a policy that lets it
 * ask nothing of any network.
 */
export function playablePage(project: Project, assets: AssetBytes, parts: PageParts): string {
  const media = new Map(project.assets.map((asset) => [asset.id, asset.media]));
  const pictures = Object.fromEntries(
    [...assets].map(([id, bytes]) => [id, dataUrl(media.get(id) ?? 'application/octet-stream', bytes)]),
  );
  const fonts = Object.fromEntries(
    Object.entries(parts.fonts).map(([face, bytes]) => [face, dataUrl('font/woff2', bytes)]),
  );
  // Until the first picture is there, the page looks like what that begins with.
  const start = project.screens.find((screen) => screen.id === project.start);
  const cover = colourOf(project, start?.background.colour ?? '#000000').slice(0, 7);
  const data = JSON.stringify({ project, pictures, fonts });
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; script-src 'unsafe-inline'; style-src 'unsafe-inline'; img-src data:; font-src data:; media-src data:">
<title>${escapeHtml(project.name)}</title>
<style>html,body{margin:0;height:100%;background:#000}#game{width:100%;height:100%}#cover{position:fixed;inset:0;background:${cover}}</style>
</head>
<body>
<div id="cover"></div>
<main id="game" aria-label="${escapeHtml(project.name)}"></main>
<script type="application/json" id="data">${data.replace(/</g, '\\u003c')}</script>
<script>${parts.player.replace(/<\/script/gi, '<\\/script')}</script>
<script>TavuPlayer.playPage('game', 'data')</script>
</body>
</html>
`;
}

/** RFC 2397 data URL, base64. */
export function dataUrl(media: string, bytes: Uint8Array): string {
  return `data:${media};base64,${base64(bytes)}`;
}

const escapeHtml = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
