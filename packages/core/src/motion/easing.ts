import type { Easing } from '../model';

/** The CSS easing functions (W3C CSS Easing Functions 2): progress in, progress out. */
type Curve = (p: number) => number;

export const EASINGS = ['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out'] as const;
export type Bezier = readonly [x1: number, y1: number, x2: number, y2: number];

/** The curves that the keywords stand for. */
export const BEZIERS: Readonly<Record<string, Bezier>> = {
  linear: [0, 0, 1, 1],
  ease: [0.25, 0.1, 0.25, 1],
  'ease-in': [0.42, 0, 1, 1],
  'ease-out': [0, 0, 0.58, 1],
  'ease-in-out': [0.42, 0, 0.58, 1],
};

const NUMBER = '-?(?:\\d+\\.?\\d*|\\.\\d+)';
const UNIT = '(?:0|1|0?\\.\\d+|[01]\\.\\d*)';
const STOP = `${NUMBER}(?: ${NUMBER}%){0,2}`;

/** Longer ones would take their pattern too long to read. */
const LONGEST_EASING = 400;

/** What a file may say; a few of these are linear, since the standard gives them no meaning. */
export const EASING_PATTERN = new RegExp(
  `^(?=.{1,${LONGEST_EASING}}$)(?:${EASINGS.join('|')}|step-start|step-end|` +
    `cubic-bezier\\(${UNIT}, ?${NUMBER}, ?${UNIT}, ?${NUMBER}\\)|` +
    `steps\\([1-9]\\d{0,2}(?:, ?(?:jump-start|jump-end|jump-none|jump-both|start|end))?\\)|` +
    `linear\\(${STOP}(?:, ?${STOP})+\\))$`,
);

const known = new Map<Easing, Curve>();

/** An easing at progress 0 to 1; backwards it is the same curve walked from its end. What cannot be read is linear. */
export function ease(easing: Easing, p: number, backwards = false): number {
  if (backwards) return 1 - ease(easing, 1 - p);
  if (p < 0) return 0;
  if (p >= 1) return 1;
  let curve = known.get(easing);
  if (!curve) known.set(easing, (curve = parse(easing) ?? ((x) => x)));
  return curve(p);
}

/** What a person writes as an easing, as it is filed; or words for what is wrong. */
export function readEasing(text: string): { ok: Easing } | { error: string } {
  if (text.length > LONGEST_EASING) return { error: `It can have ${LONGEST_EASING} characters.` };
  const easing = text.trim().toLowerCase().replace(/\s+/g, ' ');
  return EASING_PATTERN.test(easing) && parse(easing)
    ? { ok: easing }
    : {
        error:
          'Write linear, ease, ease-in, ease-out, ease-in-out, cubic-bezier(0.2, 0, 0, 1), steps(4) or linear(0, 0.5 20%, 1).',
      };
}

/** The curve's two handles, where it is one that has them. */
export function bezierOf(easing: Easing): Bezier | null {
  if (BEZIERS[easing]) return BEZIERS[easing];
  const numbers = argumentsOf(easing, 'cubic-bezier')?.map(Number);
  if (numbers?.length !== 4 || !numbers.every(Number.isFinite)) return null;
  const [x1, y1, x2, y2] = numbers as [number, number, number, number];
  return x1 >= 0 && x1 <= 1 && x2 >= 0 && x2 <= 1 ? [x1, y1, x2, y2] : null;
}

function parse(easing: Easing): Curve | null {
  if (easing === 'linear') return (p) => p;
  const handles = bezierOf(easing);
  if (handles) return (p) => bezier(handles, p);
  if (easing === 'step-start') return steps(1, 'jump-start');
  if (easing === 'step-end') return steps(1, 'jump-end');
  const stepped = argumentsOf(easing, 'steps');
  if (stepped) {
    const [count, jump = 'jump-end'] = stepped;
    const n = Number(count);
    const min = jump === 'jump-none' ? 2 : 1;
    return stepped.length <= 2 && Number.isInteger(n) && n >= min && n <= 1000 && jump in JUMPS
      ? steps(n, jump as keyof typeof JUMPS)
      : null;
  }
  const stops = argumentsOf(easing, 'linear');
  return stops && pieces(stops);
}

function argumentsOf(easing: Easing, name: string): string[] | null {
  return easing.startsWith(`${name}(`) && easing.endsWith(')')
    ? easing
        .slice(name.length + 1, -1)
        .split(',')
        .map((value) => value.trim())
    : null;
}

/** How many steps more than intervals there are, and whether the first comes at once. */
const JUMPS = {
  'jump-start': [0, 1],
  start: [0, 1],
  'jump-end': [0, 0],
  end: [0, 0],
  'jump-none': [-1, 0],
  'jump-both': [1, 1],
} as const;

function steps(n: number, jump: keyof typeof JUMPS): Curve {
  const [more, first] = JUMPS[jump];
  return (p) => Math.min(1, (Math.floor(p * n) + first) / (n + more));
}

/** `linear()`: outputs with where they are reached; those without stand evenly between their neighbours. */
function pieces(stops: string[]): Curve | null {
  const points: { at: number | null; out: number }[] = [];
  for (const stop of stops) {
    const match = /^(-?[\d.]+)((?: -?[\d.]+%){0,2})$/.exec(stop);
    if (!match) return null;
    const out = Number(match[1]);
    const places = match[2]!.match(/-?[\d.]+/g)?.map((value) => Number(value) / 100) ?? [null];
    for (const at of places) points.push({ at, out });
  }
  if (points.length < 2 || points.some(({ at, out }) => Number.isNaN(out) || Number.isNaN(at))) return null;
  points[0]!.at ??= 0;
  points.at(-1)!.at ??= 1;
  let max = -Infinity;
  for (const point of points) if (point.at !== null) point.at = max = Math.max(max, point.at);
  points.forEach((point, i) => {
    if (point.at !== null) return;
    const next = points.findIndex((other, n) => n > i && other.at !== null);
    const from = points[i - 1]!.at!;
    point.at = from + (points[next]!.at! - from) / (next - i + 1);
  });
  return (p) => {
    const next = points.findIndex((point) => point.at! > p);
    const i = Math.min(Math.max(1, next < 0 ? points.length : next), points.length - 1) - 1;
    const [a, b] = [points[i]!, points[i + 1]!];
    return b.at === a.at ? b.out : a.out + ((b.out - a.out) * (p - a.at!)) / (b.at! - a.at!);
  };
}

function bezier([x1, y1, x2, y2]: Bezier, x: number): number {
  if (x === 0) return 0;
  // The curve's x rises throughout, so halving finds its parameter; 40 halvings are below any pixel.
  let low = 0;
  let high = 1;
  for (let i = 0; i < 40; i++) {
    const t = (low + high) / 2;
    if (cubic(x1, x2, t) < x) low = t;
    else high = t;
  }
  return cubic(y1, y2, (low + high) / 2);
}

const cubic = (a: number, b: number, t: number): number =>
  3 * a * t * (1 - t) * (1 - t) + 3 * b * t * t * (1 - t) + t * t * t;
