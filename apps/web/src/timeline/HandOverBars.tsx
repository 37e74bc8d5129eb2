'use client';

import {
  timeIn,
  toMicros,
  unitOf,
  type Duration,
  type Link,
  type Motion,
  type Order,
  type SimpleMotion,
  withId,
} from '@tavu/core/model';
import { ruleFor } from '@tavu/core/motion';
import type { HandOver, PictureBar } from '@tavu/core/run';
import { Snowflake, Volume2 } from 'lucide-react';
import { useStudio, useUnits } from '../store';
import type { Moment } from './played';
import { BarHandle, PlayHead, Plot, ROW, RowLabel, type Scale } from './plot';

interface Row {
  key: string;
  label: string;
  picture: PictureBar;
  from: number;
  until: number;
  /** A part of it; null for all of it. */
  part: string | null;
  /** Its place among the elements that come in turn; null where it is none. */
  turn: number | null;
}

/** A row a picture, and one for each part where parts move apart. */
function rowsOf({ pictures }: HandOver, nameOf: (screen: string, part: string | null) => string): Row[] {
  return pictures.flatMap((picture) => {
    const { screen, way, from, until, parts } = picture;
    const whole: Row = {
      key: `${picture.serial} ${way}`,
      label: `${nameOf(screen, null)} ${way === 'leaving' ? 'leaves' : 'comes'}`,
      picture,
      from,
      until,
      part: null,
      turn: null,
    };
    if (parts.length < 2) return [whole];
    const turns = parts.filter(({ part }) => !['screen', 'background', 'content'].includes(part));
    return [
      whole,
      ...parts.map(({ part, from: start, until: end }): Row => ({
        key: `${picture.serial} ${way} ${part}`,
        label: nameOf(screen, part),
        picture,
        from: start,
        until: end,
        part,
        turn: turns.findIndex((each) => each.part === part),
      })),
    ];
  });
}

const isStanding = (layer: PictureBar['layer']): boolean => layer === 'base' || layer === 'overlay';
const sameMotion = (a: Motion, b: Motion): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The pictures and their parts as bars, with what is masked, frozen and heard. */
export function HandOverBars({
  link,
  plan,
  moment,
  onScrub,
  motion,
  order,
  put,
}: {
  link: Link;
  plan: HandOver;
  moment: Moment;
  onScrub: (micros: number) => void;
  motion: Motion;
  order: Order;
  put: (change: { motion?: Motion; order?: Order }, key: string) => void;
}) {
  const flow = useStudio((studio) => studio.flow);
  const unit = useUnits((units) => units.unit);
  const { rates } = flow.project;
  const words = (micros: number): string => timeIn(micros, unit, rates);
  const length = Math.max(plan.length * 1.25, 400_000);
  const rows = rowsOf(plan, (screen, part) => {
    const compiled = flow.screens.get(screen);
    if (part === null) return compiled?.screen.name ?? 'A screen';
    return PARTS[part] ?? compiled?.byId.get(part)?.name ?? part;
  });
  const going = plan.pictures.find((each) => each.way === 'leaving');
  /**
   * Whether a picture moves by the motion that is dragged here: messages and what is up beside have their own, and so may
   * a screen that goes, unless the link says how.
   */
  const follows = ({ layer, screen }: PictureBar): boolean =>
    isStanding(layer) &&
    (link.motion !== undefined ||
      sameMotion(ruleFor(flow.project, { ...link, to: { screen } }).motion, motion));
  /** The half that a row shows, as authored. */
  const halfOf = (way: PictureBar['way']): SimpleMotion =>
    way === 'leaving' && motion.leaving ? motion.leaving : motion;
  const change = (way: PictureBar['way'], to: object, key: string): void => {
    const now = { ...halfOf(way), ...to } as SimpleMotion;
    put(
      {
        motion:
          way === 'leaving' && motion.leaving
            ? { ...motion, leaving: now }
            : ({ ...now, ...(motion.leaving ? { leaving: motion.leaving } : {}) } as Motion),
      },
      key,
    );
  };
  /** In the unit of what it takes the place of. */
  const written = (micros: number, like: Duration = '0 ms'): Duration =>
    timeIn(Math.max(0, micros), unitOf(like), rates);
  const dragEnd = (row: Row) => (to: number) => {
    const half = halfOf(row.picture.way);
    if (!('duration' in half)) return;
    const turns = row.picture.until - row.picture.from - toMicros(half.duration, rates);
    const taken = row.part === null ? to - row.from - turns : to - row.from;
    change(
      row.picture.way,
      { duration: written(Math.max(1000, taken), half.duration) },
      `${row.picture.way} duration`,
    );
  };
  const dragStart = (row: Row) => (to: number) => {
    const half = halfOf(row.picture.way);
    if (row.turn !== null && row.turn > 0 && 'stagger' in half && half.stagger) {
      const first = row.picture.parts.find((each) => !PARTS[each.part])!;
      const by = Math.max(0, Math.round((to - first.from) / row.turn / 1000) * 1000);
      return change(
        row.picture.way,
        { stagger: { ...half.stagger, by: written(by, half.stagger.by) } },
        'stagger',
      );
    }
    if (row.picture.way !== 'entering' || !going) return;
    const overlap = going.until - to;
    put(
      {
        order:
          to <= 0
            ? 'together'
            : overlap <= 0
              ? 'after'
              : { overlap: written(Math.round(overlap / 1000) * 1000) },
      },
      'order',
    );
  };
  return (
    <div className="flex min-h-0 flex-1 overflow-y-auto px-3.5 pb-1.5">
      <div className="w-44 shrink-0 pt-5">
        {rows.map((row) => (
          <RowLabel key={row.key} inner={row.part !== null}>
            {row.label}
          </RowLabel>
        ))}
        {plan.sounds.length > 0 && <RowLabel>Sounds</RowLabel>}
      </div>
      <Plot
        length={length}
        words={words}
        height={20 + ROW * (rows.length + (plan.sounds.length > 0 ? 1 : 0))}
        label="Hand-over"
      >
        {(scale) => (
          <>
            {plan.masked && (
              <Shade
                scale={scale}
                from={plan.masked.from}
                until={plan.masked.until}
                className="shade-masked"
                short={plan.masked.how === 'held' ? 'presses kept' : 'presses ignored'}
                words={`A press is ${plan.masked.how === 'held' ? 'kept' : 'ignored'} until ${words(plan.masked.until)}`}
              />
            )}
            {!plan.masked && plan.length > 0 && (
              <span className="absolute bottom-0 left-1 text-xs text-soft">a press turns it round</span>
            )}
            {plan.frozen.map((each) => (
              <Shade
                key={each.from}
                scale={scale}
                from={each.from}
                until={each.until >= plan.length ? length : each.until}
                className="shade-frozen"
                short="game frozen"
                words={`The game’s clock stands still from ${words(each.from)}`}
                right
              />
            ))}
            {rows.map((row, i) => {
              const half = halfOf(row.picture.way);
              const top = 20 + ROW * i;
              const comes = row.picture.way === 'entering';
              const named = row.part === null ? row.label : `${row.label}, ${row.picture.way}`;
              const ruled = follows(row.picture);
              const comesOver =
                row.part === null && comes && going !== undefined && isStanding(row.picture.layer);
              const moves =
                comesOver ||
                (ruled &&
                  row.turn !== null &&
                  row.turn > 0 &&
                  'stagger' in half &&
                  half.stagger !== undefined);
              return (
                <div key={row.key}>
                  <div
                    title={`${named}: ${words(row.from)} to ${words(row.until)}`}
                    className={`absolute rounded-sm border text-xs leading-3 ${comes ? 'border-chosen bg-chosen-wash' : 'border-strong bg-mist'} ${row.part === null ? '' : 'opacity-80'}`}
                    style={{
                      left: scale.at(row.from),
                      width: scale.wide(row.until - row.from),
                      top: top + (row.part === null ? 4 : 7),
                      height: row.part === null ? ROW - 8 : ROW - 14,
                    }}
                  />
                  {moves && (
                    <BarHandle
                      scale={scale}
                      at={row.from}
                      top={top}
                      label={`${named}: begins`}
                      words={words(row.from)}
                      onMove={dragStart(row)}
                    />
                  )}
                  {ruled && 'duration' in half && (
                    <BarHandle
                      scale={scale}
                      at={row.until}
                      top={top}
                      label={`${named}: ends`}
                      words={words(row.until)}
                      onMove={dragEnd(row)}
                    />
                  )}
                </div>
              );
            })}
            {plan.sounds.map((sound) => {
              const name = withId(flow.project.assets, sound.asset)?.name ?? 'A sound';
              return (
                <span
                  key={`${sound.asset} ${sound.at}`}
                  title={`${name}, at ${words(sound.at)}`}
                  className="absolute flex items-center gap-1 text-xs text-soft"
                  style={{ left: scale.at(sound.at), top: 20 + ROW * rows.length + 5 }}
                >
                  <Volume2 size={12} aria-hidden="true" /> {name}
                </span>
              );
            })}
            {rows.length === 0 && (
              <p className="absolute inset-x-0 top-6 text-soft">
                Nothing moves here: what is up changes at once.
              </p>
            )}
            <PlayHead
              scale={scale}
              moment={moment}
              words={words}
              onMove={onScrub}
              label="Moment of the hand-over"
            />
          </>
        )}
      </Plot>
    </div>
  );
}

const PARTS: Readonly<Record<string, string>> = {
  screen: 'all of it',
  background: 'its background',
  content: 'what is on it',
};

function Shade({
  scale,
  from,
  until,
  className,
  short,
  words,
  right = false,
}: {
  scale: Scale;
  from: number;
  until: number;
  className: string;
  short: string;
  words: string;
  right?: boolean;
}) {
  return (
    <div
      title={words}
      className={`absolute top-4 bottom-0 overflow-hidden ${className}`}
      style={{ left: scale.at(from), width: scale.wide(until - from) }}
    >
      <span className="sr-only">{words}</span>
      <span
        aria-hidden="true"
        className={`absolute bottom-0 flex items-center gap-1 text-xs whitespace-nowrap text-soft ${right ? 'right-1' : 'left-1'}`}
      >
        {right && <Snowflake size={11} />}
        {short}
      </span>
    </div>
  );
}
