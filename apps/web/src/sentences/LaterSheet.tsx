'use client';

import { readDuration, type Link } from '@tavu/core/model';
import { edit, useStudio } from '../store';
import { Field, Button } from '../ui';

/** How much later than the link an effect comes. */
export function LaterSheet({ link, index, close }: { link: Link; index: number; close: () => void }) {
  const rates = useStudio((studio) => studio.project.rates);
  const put = (after: string | undefined): void => {
    const effects = link.effects.map((effect, i) => {
      if (i !== index) return effect;
      const { after: _, ...now } = effect;
      return after === undefined ? now : { ...now, after };
    });
    edit('change link', { link: link.id, change: { effects } });
    close();
  };
  return (
    <div className="space-y-2 p-3">
      <Field
        label="Delay (s, ms, frames or ticks)"
        value={link.effects[index]?.after ?? '0.5 s'}
        read={(text) => readDuration(text, rates, 's')}
        onChange={put}
      />
      <Button onClick={() => put(undefined)}>At once</Button>
    </div>
  );
}
