import { elementsAt, paintRun, svgFrame, svgText, toSvg } from '@tavu/core/paint';
import { boxStyle, colourOf, textStyle } from '@tavu/core/style';
import type { Element, Project } from '@tavu/core/model';
import { familyOf } from '@tavu/player';
import { livePlayer, liveFlow } from '../run';
import { notify, useStudio } from '../store';

/** A colour picked off Live, and a word when what is seen there is not what the element itself has. */
export interface Picked {
  colour: string;
  word: string;
}

/** Waits for a press on Live's picture; Escape or a press elsewhere gives none. */
export function pickColour(): Promise<Picked | null> {
  const host = livePlayer()?.host;
  if (!host) return Promise.resolve(null);
  const pane = host.parentElement!;
  document.documentElement.classList.add('picking');
  notify('Press in Live to take a colour from there. Esc ends it.');
  return new Promise((done) => {
    const stop = (result: Picked | null | Promise<Picked | null>): void => {
      document.documentElement.classList.remove('picking');
      window.removeEventListener('pointerdown', press, true);
      window.removeEventListener('keydown', key, true);
      done(result);
    };
    const press = (event: PointerEvent): void => {
      event.preventDefault();
      event.stopPropagation();
      stop(pane.contains(event.target as Node) ? colourAt(event.clientX, event.clientY) : null);
    };
    const key = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape') return;
      event.preventDefault();
      event.stopPropagation();
      stop(null);
    };
    window.addEventListener('pointerdown', press, true);
    window.addEventListener('keydown', key, true);
  });
}

async function colourAt(clientX: number, clientY: number): Promise<Picked | null> {
  const player = livePlayer();
  if (!player) return null;
  const { x, y } = player.pointAt(clientX, clientY);
  const colour = await seenAt(x, y);
  if (colour === null) return null;
  return { colour, word: wordFor(x, y, colour) };
}

/** The colour of one design pixel of the picture as it is drawn now. */
async function seenAt(x: number, y: number): Promise<string | null> {
  const player = livePlayer()!;
  const { project, assets } = useStudio.getState();
  const { width, height } = player.flow.frame;
  const media = new Map(project.assets.map((asset) => [asset.id, asset.media]));
  // A picture inside a picture may fetch nothing, so that what it shows has to be in it.
  const address = (id: string): string => {
    const bytes = assets.get(id);
    return bytes ? dataUrlOf(bytes, media.get(id) ?? '') : '';
  };
  const nodes = toSvg(paintRun(player.flow, player.state, player.held), { asset: address, family: familyOf });
  const frame = svgFrame(width, height, nodes);
  frame.attributes.width = String(width);
  frame.attributes.height = String(height);
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(frame))}`;
  try {
    await image.decode();
  } catch {
    return null;
  }
  const canvas = new OffscreenCanvas(1, 1);
  const context = canvas.getContext('2d')!;
  context.drawImage(image, -Math.round(x), -Math.round(y));
  const [r, g, b] = context.getImageData(0, 0, 1, 1).data;
  return `#${[r, g, b].map((value) => value!.toString(16).padStart(2, '0')).join('')}`;
}

function dataUrlOf(bytes: Uint8Array, media: string): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return `data:${media};base64,${btoa(text)}`;
}

/** What the topmost element there is painted with, where opacity or blending makes it look otherwise. */
function wordFor(x: number, y: number, seen: string): string {
  const { up } = { up: livePlayer()!.state };
  const flow = liveFlow();
  const screens = [...up.overlays].reverse().concat(up.base);
  for (const instance of screens) {
    const compiled = flow.screens.get(instance.screen);
    if (!compiled) continue;
    const element = elementsAt(compiled, { x, y })
      .map((id) => compiled.byId.get(id)!)
      .find((other) => paintOf(flow.project, other) !== null);
    if (!element) continue;
    const own = paintOf(flow.project, element)!;
    const clear = (element.opacity ?? 1) < 1 || own.length === 9;
    const blends = (element.blend ?? 'normal') !== 'normal';
    if (own.slice(0, 7) === seen || (!clear && !blends)) return '';
    return `Seen there is ${seen}; ${element.name} itself is ${own.slice(0, 7)}, and ${blends ? 'its blending' : 'its opacity'} makes it look otherwise.`;
  }
  return '';
}

function paintOf(project: Project, element: Element): string | null {
  if ('box' in element) return colourOf(project, boxStyle(project, element.box).fill);
  if ('look' in element) return colourOf(project, textStyle(project, element.look).colour);
  return null;
}
