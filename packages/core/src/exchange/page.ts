import { base64 } from '../bytes';
import { compile } from '../compile';
import { familyOf } from '../text';
import { messagesReadBy, type ReadMessages } from '../message';
import { type Id, type Project, type Replacement, withChanges, withId } from '../model';
import { changesTo } from '../language';
import { picturesIn } from '../lettering';
import { colourOf } from '../style';
import { placesOf } from '../references';
import type { AssetBytes } from './bundle';
import type { Export } from './format';
import { played } from './played';
import { escapedXml } from './xml';

/** What the one-file page is put together from, besides the project. */
export interface PageParts {
  /** The player as one classic script. */
  player: string;
  /** The built-in fonts' woff2 bytes by face name. */
  fonts: Record<string, Uint8Array>;
  /** The notices of other people's work in both, as text. */
  notices: string;
}

export const pageOut: Export<'project'> = {
  of: 'project',
  title: 'One page that plays',
  about: 'An HTML file anyone can open, offline',
  done: 'Saved as one page. Open it in any browser; it plays with no network.',
  plays: true,
  write: ({ project, assets, parts }) => {
    if (!parts) throw new Error('A page needs the player it plays with.');
    return { bytes: playablePage(project, assets, parts), ending: 'html', media: 'text/html' };
  },
};

/**
 * One HTML page that plays the project by itself: script, fonts, pictures and project inside, and a policy that lets it
 * ask nothing of any network.
 */
export function playablePage(project: Project, assets: AssetBytes, parts: PageParts): string {
  const media = new Map(project.assets.map((asset) => [asset.id, asset.media]));
  // Assets that nothing uses are left out.
  const used = assetsInUse(project);
  const pictures = Object.fromEntries(
    [...assets].flatMap(([id, bytes]) =>
      used.has(id) ? [[id, dataUrl(media.get(id) ?? 'application/octet-stream', bytes)] as const] : [],
    ),
  );
  const fonts = Object.fromEntries(
    Object.entries(parts.fonts).map(([face, bytes]) => [face, dataUrl('font/woff2', bytes)]),
  );
  // Until the first picture is drawn, the page has the colour that picture begins with.
  const start = withId(project.screens, project.start);
  const cover = colourOf(project, start?.background.colour ?? '#000000').slice(0, 7);
  // Texts are taken along as what they change, so that a player needs nothing that knows where texts stand.
  const others = project.languages?.slice(1) ?? [];
  const languages = Object.fromEntries(others.map(({ code }) => [code, changesTo(project, code)]));
  const taken = played(project);
  const data = JSON.stringify({
    project: taken,
    languages,
    messages: messagesOf(taken, languages),
    pictures,
    fonts,
  });
  return `<!doctype html>
<html lang="${escapedXml(project.languages?.[0]?.code ?? 'en')}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; script-src 'unsafe-inline'; style-src 'unsafe-inline'; img-src data:; font-src data:; media-src data:">
<title>${escapedXml(project.name)}</title>
<style>html,body{margin:0;height:100%;background:#000}#game{width:100%;height:100%}#cover{position:fixed;inset:0;background:${cover}}</style>
</head>
<body>
<div id="cover"></div>
<main id="game" aria-label="${escapedXml(project.name)}"></main>
<script type="application/json" id="data">${data.replace(/</g, '\\u003c')}</script>
<script>${parts.player.replace(/<\/script/gi, '<\\/script')}</script>
<script>TavuPlayer.playPage('game', 'data')</script>
</body>
</html>
<!--
This page carries work of others:

${inComment(parts.notices)}-->
`;
}

/** Every message of the project in each language, parsed: the page carries no parser. */
const messagesOf = (project: Project, languages: Record<string, Replacement[]>): ReadMessages =>
  messagesReadBy(() => {
    compile(project);
    for (const [language, changes] of Object.entries(languages))
      compile(withChanges(project, changes), undefined, { language });
  });

/** Text that cannot end the HTML comment that it stands in. */
const inComment = (text: string): string => text.replace(/-(?=[->])/g, '- ');

/** The assets that anything in a project shows, plays or is written in, and finer ones of those. */
export function assetsInUse(project: Project): ReadonlySet<Id> {
  const used = new Set<Id>();
  const finer = new Map(
    project.assets.map(({ id, finer: more = [] }) => [id, more.map(({ asset }) => asset)]),
  );
  const use = (id: Id): void => {
    if (used.has(id) || !finer.has(id)) return;
    used.add(id);
    finer.get(id)!.forEach(use);
    // Bold and italic words are in other fonts of the family.
    const font = withId(project.assets, id);
    if (font?.face) for (const other of familyOf(project, font)) use(other.id);
  };
  for (const place of placesOf(project, { only: ['id', 'text'] })) {
    if (place.is === 'text') picturesIn(project, place.text).forEach(use);
    else if (place.of === 'asset' && place.path[0] !== 'assets') use(place.id);
  }
  return used;
}

/** RFC 2397 data URL, base64. */
export function dataUrl(media: string, bytes: Uint8Array): string {
  return `data:${media};base64,${base64(bytes)}`;
}
