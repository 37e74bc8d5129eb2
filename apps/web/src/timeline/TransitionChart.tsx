'use client';

import type { Link, Motion, Order } from '@tavu/core/model';
import { transitionOf, rehearse, rehearsedAt } from '@tavu/core/run';
import { ruleFor } from '@tavu/core/motion';
import { motionWords, ruleWords } from '@tavu/core/words';
import { useMemo, useState, type ReactNode } from 'react';
import { backTo } from '../motion';
import { edit, useStudio } from '../store';
import { Choices } from '../ui';
import { Hint } from './Hint';
import { TransitionBars } from './TransitionBars';
import { usePlayed } from './played';
import { Transport } from './Transport';

/** A transition as the engine plans it: dragged directly, scrubbed and played in Live. */
export function TransitionChart({ link, change }: { link: Link; change: ReactNode }) {
  const flow = useStudio((studio) => studio.flow);
  const project = flow.project;
  const rehearsal = useMemo(() => rehearse(flow, link.id), [flow, link.id]);
  const plan = useMemo(() => rehearsal && transitionOf(flow, rehearsal), [flow, rehearsal]);
  const [forAll, setForAll] = useState(false);
  const shown = useMemo(
    () =>
      rehearsal && { length: rehearsal.length, at: (micros: number) => rehearsedAt(flow, rehearsal, micros) },
    [flow, rehearsal],
  );
  const played = usePlayed(shown);
  const own = link.motion !== undefined || link.order !== undefined;
  const ruled = ruleFor(project, link);
  const toDefault = forAll && !own && ruled.owner === null;
  if (!plan || !rehearsal) return null;
  const motion = link.motion ?? ruled.motion;
  const order = link.order ?? project.defaults.order;
  const put = (change: { motion?: Motion; order?: Order }, key: string): void => {
    if (toDefault) edit('change defaults', change, { key: `chart ${key}` });
    else edit('change link', { link: link.id, change }, { key: `chart ${link.id} ${key}` });
  };
  return (
    <>
      <header className="flex h-8 shrink-0 items-center gap-2 px-3.5 whitespace-nowrap">
        <h2 className="font-bold">Transition</h2>
        <Transport played={played} name="Play this transition" />
        <Hint>
          {own ? 'A motion of its own' : ruled.owner ? ruleWords(ruled) : 'The default motion'}:{' '}
          {motionWords(project, motion)}
        </Hint>
        <span className="grow" />
        {own ? (
          <button
            type="button"
            className="text-sm text-chosen underline hover:bg-chosen-wash"
            onClick={() =>
              edit('change link', { link: link.id, change: { motion: undefined, order: undefined } })
            }
          >
            Back to {backTo(ruled)}
          </button>
        ) : ruled.owner !== null ? null : (
          <Choices
            label="Apply changes to"
            value={forAll ? 'defaults' : 'link'}
            options={[
              { value: 'link', text: 'only this' },
              { value: 'defaults', text: 'the default motion' },
            ]}
            onChange={(to) => setForAll(to === 'defaults')}
          />
        )}
        {change}
      </header>
      <TransitionBars
        link={link}
        plan={plan}
        moment={played.moment}
        onScrub={played.scrub}
        motion={motion}
        order={order}
        put={put}
      />
    </>
  );
}
