'use client';

import { timeIn, type Screen } from '@tavu/core/model';
import { beginAt, step } from '@tavu/core/run';
import { KeyRound } from 'lucide-react';
import { useEffect, useMemo, type ReactNode } from 'react';
import { useKeying } from '../canvas';
import { useStudio, useUnits } from '../store';
import { Small } from '../ui';
import { Hint } from './Hint';
import { PlayHead, Plot, ROW, RowLabel, type Scale } from './plot';
import { linesOf, type Line } from './lines';
import { usePlayed } from './played';
import { Transport } from './Transport';

/**
 * What a screen does in its own time: how long it stays, what it loads, its timers, loops, and the frames of its
 * texts.
 */
export function ScreenChart({ screen, change }: { screen: Screen; change: ReactNode }) {
  const project = useStudio((studio) => studio.project);
  const flow = useStudio((studio) => studio.flow);
  const compiled = flow.screens.get(screen.id);
  const unit = useUnits((units) => units.unit);
  const { rates } = project;
  const words = (micros: number): string => timeIn(micros, unit, rates);
  const lines = useMemo(
    () => linesOf(project, screen, compiled?.elements ?? [], (micros) => timeIn(micros, unit, project.rates)),
    [project, screen, compiled, unit],
  );

  const ends = lines.map((line) => line.until).filter(Number.isFinite);
  const marks = lines.flatMap((line) => line.marks);
  const length = Math.max(2_000_000, ...ends, ...marks) * 1.1;
  const rest = useMemo(() => beginAt(flow, screen.id, true).state, [flow, screen.id]);
  const shown = useMemo(
    () => ({
      length,
      at: (micros: number) => step(flow, rest, { type: 'time', pass: micros }).state,
    }),
    [flow, rest, length],
  );
  const played = usePlayed(shown);
  const { moment } = played;
  const keying = useKeying((now) => now.screen === screen.id);
  useEffect(
    () => (keying ? moment.subscribe(({ at }) => useKeying.setState({ at: at ?? 0 })) : undefined),
    [keying, moment],
  );
  useEffect(() => () => useKeying.setState({ screen: null }), []);
  return (
    <>
      <header className="flex h-8 shrink-0 items-center gap-2 px-3.5 whitespace-nowrap">
        <h2 className="font-bold whitespace-nowrap">Time of {screen.name}</h2>
        <Transport played={played} name={`Play ${screen.name} from its beginning`} />
        <Small
          aria-pressed={keying}
          className={`shrink-0 ${keying ? 'bg-live! text-sheet!' : ''}`}
          onClick={() => {
            if (keying) return useKeying.setState({ screen: null });
            const at = moment.getState().at ?? 0;
            played.scrub(at);
            useKeying.setState({ screen: screen.id, at });
          }}
        >
          <KeyRound size={11} aria-hidden="true" className="mr-1 inline" />
          Set keyframes
        </Small>
        <Hint>
          {keying ? (
            <KeyingWords words={words} />
          ) : lines.length === 0 ? (
            'it stays until something leads on; nothing on it moves by itself'
          ) : (
            'from when it is shown; drag along it to see it then'
          )}
        </Hint>
        <span className="grow" />
        {change}
      </header>
      <div className="flex min-h-0 flex-1 overflow-y-auto px-3.5 pb-1.5">
        <div className="w-36 shrink-0 pt-5">
          {lines.map((line) => (
            <RowLabel key={line.key}>{line.label}</RowLabel>
          ))}
        </div>
        <Plot length={length} words={words} height={20 + ROW * lines.length} label={`Time of ${screen.name}`}>
          {(scale) => (
            <>
              <PlayHead
                scale={scale}
                moment={moment}
                words={words}
                label={`Moment of ${screen.name}`}
                onMove={played.scrub}
              />
              {lines.map((line, i) => (
                <div key={line.key}>
                  <LineBar line={line} scale={scale} top={20 + ROW * i} />
                  {line.marks.map((mark, n) => (
                    <span
                      key={n}
                      aria-hidden="true"
                      className="pointer-events-none absolute size-1.5 -translate-x-1/2 rotate-45 bg-ink"
                      style={{ left: scale.at(mark), top: 20 + ROW * i + 9 }}
                    />
                  ))}
                </div>
              ))}
            </>
          )}
        </Plot>
      </div>
    </>
  );
}

/** What moving things does while keyframes are set. */
function KeyingWords({ words }: { words: (micros: number) => string }) {
  const at = useKeying((now) => now.at);
  return <>moving the selection sets a keyframe at {words(at)}</>;
}

/** A line's bar: pressed, it leads to what does it. */
function LineBar({ line, scale, top }: { line: Line; scale: Scale; top: number }) {
  const { from, until, look, words, onChoose } = line;
  const style = {
    left: scale.at(from),
    width: scale.wide(Math.min(until, scale.length) - from),
    top,
    height: ROW,
  };
  const bar = <span className={`block h-4 rounded-sm border ${look}`} />;
  if (!onChoose)
    return (
      <div className="pointer-events-none absolute py-1" style={style}>
        {bar}
        <span className="sr-only">{words}</span>
      </div>
    );
  return (
    <button
      type="button"
      aria-label={words}
      title={words}
      className="absolute min-w-6 py-1"
      style={style}
      onClick={onChoose}
    >
      {bar}
    </button>
  );
}
