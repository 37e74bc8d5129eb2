import type { RunState } from '@tavu/core/run';
import { useEffect, useMemo, useRef, useState } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import { endAside, showAside } from '../run';

/** Something that can be seen at every moment of it. */
export interface Shown {
  /** Microseconds. */
  length: number;
  at: (micros: number) => RunState;
}

/** Microseconds since its beginning; null while Live shows the run. */
export type Moment = StoreApi<{ at: number | null }>;
/** That moment, followed: drawn anew with every frame that is played. */
export const useMoment = (moment: Moment): number | null => useStore(moment, (now) => now.at);

/** It is shown in Live by itself: scrubbed, or played, once or again and again. The run waits meanwhile. */
export interface Played {
  /** Goes on with every frame; only what shows it follows it. */
  moment: Moment;
  playing: boolean;
  loops: boolean;
  slow: boolean;
  scrub: (micros: number) => void;
  play: () => void;
  stop: () => void;
  setLoops: (loops: boolean) => void;
  setSlow: (slow: boolean) => void;
}

/** How long it stands at its end before it begins again, in microseconds. */
const REST = 350_000;

export function usePlayed(thing: Shown | null): Played {
  const moment = useMemo(() => createStore<{ at: number | null }>(() => ({ at: null })), []);
  const [playing, setPlaying] = useState(false);
  const [loops, setLoops] = useState(true);
  const [slow, setSlow] = useState(false);
  const how = useRef({ loops, slow });
  how.current = { loops, slow };

  // What is shown follows the plan while that is dragged.
  useEffect(() => {
    const { at } = moment.getState();
    if (at !== null && thing) showAside(thing.at(at));
  }, [thing, moment]);

  useEffect(() => {
    if (!playing || !thing) return;
    const until = thing.length + REST;
    let at = moment.getState().at ?? 0;
    let last = performance.now();
    let frame = requestAnimationFrame(function next(time) {
      at += Math.max(0, time - last) * 1000 * (how.current.slow ? 0.25 : 1);
      last = time;
      const over = at >= until;
      if (over) at = how.current.loops ? at % until : thing.length;
      const shown = Math.round(Math.min(at, thing.length));
      if (shown !== moment.getState().at) {
        moment.setState({ at: shown });
        showAside(thing.at(shown));
      }
      if (over && !how.current.loops) return setPlaying(false);
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, [playing, thing, moment]);

  useEffect(() => endAside, []);

  const show = (at: number): void => {
    moment.setState({ at });
    if (thing) showAside(thing.at(at));
  };
  return {
    moment,
    playing,
    loops,
    slow,
    scrub: (micros) => {
      setPlaying(false);
      show(micros);
    },
    play: () => {
      const { at } = moment.getState();
      show(at === null || (thing && at >= thing.length) ? 0 : at);
      setPlaying(true);
    },
    stop: () => setPlaying(false),
    setLoops,
    setSlow,
  };
}
