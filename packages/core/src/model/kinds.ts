import type { Area, Kind, Layer, Screen, Trail } from './types';

interface KindDefaults {
  layer: Layer;
  trail: Trail;
  freezes: boolean;
  blocks: boolean;
}

const base = (trail: Trail): KindDefaults => ({ layer: 'base', trail, freezes: true, blocks: true });
const overlay: KindDefaults = { layer: 'overlay', trail: 'keeps', freezes: true, blocks: true };

/** What each kind sets unless the screen says otherwise. Kinds never change behaviour beyond these. */
export const KINDS: Record<Kind, KindDefaults> = {
  splash: base('skipped'),
  loading: base('skipped'),
  title: base('afresh'),
  play: { layer: 'base', trail: 'afresh', freezes: false, blocks: false },
  pause: overlay,
  options: overlay,
  dialogue: overlay,
  popup: overlay,
  'game over': base('skipped'),
  custom: base('keeps'),
};

export const KIND_NAMES = Object.keys(KINDS) as Kind[];

/** The kind a screen's name suggests; `custom` when it suggests none. */
export function kindFromName(name: string): Kind {
  const words = name.toLowerCase();
  for (const [kind, pattern] of NAME_HINTS) if (pattern.test(words)) return kind;
  return 'custom';
}

const NAME_HINTS: [Kind, RegExp][] = [
  ['splash', /\b(warning|logo|splash|notice screen|intro)\b/],
  ['loading', /\bload/],
  ['title', /\b(title|main menu|menu|home)\b/],
  ['pause', /\bpaused?\b/],
  ['options', /\b(options?|settings?|preferences)\b/],
  ['game over', /\b(game over|lamp out|defeat|lost|you died|failed)\b/],
  ['dialogue', /\b(dialogue|dialog|talk|radio|conversation)\b/],
  ['popup', /\b(popup|pop-up|confirm|message|help|level[- ]up|tip)\b/],
  ['play', /\b(play|game|watch|level|world)\b/],
];

/**
 * The flags of a screen with the defaults of its areas (inner to outer) and its kind filled in. Notices and HUD pieces
 * neither freeze nor block.
 */
export function settled(
  screen: Screen,
  areas: readonly Area[] = [],
): {
  trail: Trail;
  modal: boolean;
  freezes: boolean;
  blocks: boolean;
} {
  const kind = KINDS[screen.kind];
  const stands = screen.layer === 'base' || screen.layer === 'overlay';
  const area = areas.find((other) => other.freezes !== undefined);
  return {
    trail: screen.trail ?? kind.trail,
    modal: screen.layer === 'overlay' && (screen.modal ?? true),
    freezes: stands && (screen.freezes ?? area?.freezes ?? kind.freezes),
    blocks: stands && (screen.blocks ?? kind.blocks),
  };
}
