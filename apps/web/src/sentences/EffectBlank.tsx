'use client';

import { SOMEWHERE, type Effect, type Link, withId } from '@tavu/core/model';
import { useState } from 'react';
import { EffectPicker } from '../effects';
import { edit, useStudio } from '../store';
import { goOnAt, Sheet, Small } from '../ui';
import { blankIn } from './blankIn';

/** What else a sentence does: show or take away a notice, tell the game something. `index` null adds one. */
export function EffectBlank({ link, index, close }: { link: Link; index: number | null; close: () => void }) {
  const change = (effects: Effect[], key?: string): void => {
    edit('change link', { link: link.id, change: { effects } }, key === undefined ? {} : { key });
    close();
  };
  const put = (effect: Effect, key?: string): void => {
    // What it was put off by stays, whatever it does instead.
    const { links } = useStudio.getState().project;
    const now = withId(links, link.id)?.effects ?? link.effects;
    if (index === null) {
      const change: Partial<Link> = { effects: [...now, effect] };
      // Nobody has said that it leads anywhere: it does this, and stays.
      if (isUnsaid(link) && now.length === 0) Object.assign(change, { kind: 'stay', to: undefined });
      edit('change link', { link: link.id, change }, key === undefined ? {} : { key });
      return close();
    }
    change(
      now.map((item, i) => {
        if (i !== index) return item;
        return item.after === undefined ? effect : { ...effect, after: item.after };
      }),
      key,
    );
  };
  const takeOut = (): void => change(link.effects.filter((_, i) => i !== index));
  return <EffectPicker put={put} {...(index === null ? {} : { takeOut })} />;
}

/** Whether a sentence still leads where every new one does. */
const isUnsaid = ({ to }: Link): boolean => to !== undefined && 'gap' in to && to.gap === SOMEWHERE;

export function AddEffect({ link }: { link: Link }) {
  const [open, setOpen] = useState(false);
  /** The keyboard goes on at what has been added. */
  const close = (): void => {
    setOpen(false);
    goOnAt(() => blankIn(link.id, 'effect', link.effects.length));
  };
  return (
    <Sheet
      trigger={<Small aria-label="Also show or say something">also …</Small>}
      open={open}
      onOpen={setOpen}
      label="Also show or say something"
    >
      {open && <EffectBlank link={link} index={null} close={close} />}
    </Sheet>
  );
}
