'use client';

import type { Link } from '@tavu/core/model';
import { effectWords } from '@tavu/core/words';
import { Timer, Trash2 } from 'lucide-react';
import { edit, useStudio } from '../store';
import { IconButton, Reorder } from '../ui';

/** What a link also does, in the order it is done: dragged into another, put off, taken out. */
export function Effects({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const put = (effects: Link['effects']): void =>
    void edit('change link', { link: link.id, change: { effects } });
  if (link.effects.length === 0) return null;
  return (
    <Reorder
      label="In this order"
      items={link.effects}
      keyOf={(_, i) => String(i)}
      handleName="Move this effect"
      onMove={(from, to) => {
        const effects = [...link.effects];
        effects.splice(to, 0, ...effects.splice(from, 1));
        put(effects);
      }}
    >
      {(effect, i, handle) => (
        <div className="flex items-center gap-0.5 rounded border border-line bg-sheet pr-1 leading-5">
          {handle}
          <span className="min-w-0 flex-1 truncate">
            {effect.after === undefined ? '' : `${effect.after} later: `}
            {effectWords(project, effect)}
          </span>
          {effect.after === undefined && (
            <IconButton
              name="Do this later"
              small
              onClick={() =>
                put(link.effects.map((item, n) => (n === i ? { ...item, after: '0.5 s' } : item)))
              }
            >
              <Timer size={13} />
            </IconButton>
          )}
          <IconButton
            name="Take this out of the sentence"
            small
            onClick={() => put(link.effects.filter((_, n) => n !== i))}
          >
            <Trash2 size={13} />
          </IconButton>
        </div>
      )}
    </Reorder>
  );
}
