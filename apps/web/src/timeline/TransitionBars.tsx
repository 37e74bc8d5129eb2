'use client';

import { timeIn, type Link, type Motion, type Order, withId, isAlike } from '@tavu/core/model';
import { ruleFor } from '@tavu/core/motion';
import type { Transition, PictureBar } from '@tavu/core/run';
import { Volume2 } from 'lucide-react';
import { useStudio, useUnits } from '../store';
import { endDragged, halfOf, startDragged, type Dragged } from './dragged';
import type { Moment } from './played';
import { BarHandle, PlayHead, Plot, ROW, RowLabel } from './plot';
import { PARTS, rowsOf } from './rows';
import { Shade } from './Shade';

const isStanding = (layer: PictureBar['layer']): boolean => layer === 'base' || layer === 'overlay';

/** The pictures and their parts as bars, with what is masked, frozen and heard. */
export function TransitionBars({
  link,
  plan,
  moment,
  onScrub,
  motion,
  order,
  put,
}: {
  link: Link;
  plan: Transition;
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
  const going = plan.pictures.find((picture) => picture.way === 'leaving');
  /**
   * Whether a picture moves by the motion that is dragged here: messages and what is up beside have their own, and so may
   * a screen that goes, unless the link says how.
   */
  const follows = ({ layer, screen }: PictureBar): boolean =>
    isStanding(layer) &&
    (link.motion !== undefined || isAlike(ruleFor(flow.project, { ...link, to: { screen } }).motion, motion));
  const drag = (dragged: Dragged | null): void => {
    if (dragged) put(dragged.change, dragged.key);
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
        label="Transition"
      >
        {(scale) => (
          <>
            {plan.masked && (
              <Shade
                scale={scale}
                from={plan.masked.from}
                until={plan.masked.until}
                className="shade-masked"
                short={plan.masked.how === 'held' ? 'presses buffered' : 'presses ignored'}
                words={`A press is ${plan.masked.how === 'held' ? 'buffered' : 'ignored'} until ${words(plan.masked.until)}`}
              />
            )}
            {!plan.masked && plan.length > 0 && (
              <span className="absolute bottom-0 left-1 text-xs text-soft">a press reverses it</span>
            )}
            {plan.frozen.map((bar) => (
              <Shade
                key={bar.from}
                scale={scale}
                from={bar.from}
                until={bar.until >= plan.length ? length : bar.until}
                className="shade-frozen"
                short="game frozen"
                words={`The game’s clock stands still from ${words(bar.from)}`}
                right
              />
            ))}
            {rows.map((row, i) => {
              const half = halfOf(motion, row.picture.way);
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
                      onMove={(to) => drag(startDragged(motion, row, to, going?.until ?? null, rates))}
                    />
                  )}
                  {ruled && 'duration' in half && (
                    <BarHandle
                      scale={scale}
                      at={row.until}
                      top={top}
                      label={`${named}: ends`}
                      words={words(row.until)}
                      onMove={(to) => drag(endDragged(motion, row, to, rates))}
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
              label="Moment of the transition"
            />
          </>
        )}
      </Plot>
    </div>
  );
}
