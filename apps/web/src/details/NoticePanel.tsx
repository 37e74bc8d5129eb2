'use client';

import { readDuration, type Screen } from '@tavu/core/model';
import { timeToRead, wordsShown } from '@tavu/core/words';
import { useStudio } from '../store';
import { Field, SelectRow, readNumber } from '../ui';

type Put = (change: Partial<Screen>) => void;

/** How a message comes, how long it stays, and what it goes with. */
export function NoticePanel({ screen, put }: { screen: Screen; put: Put }) {
  const project = useStudio((studio) => studio.project);
  const words = wordsShown(project, screen, screen.elements);
  const events = project.events.filter((event) => event.direction === 'in');
  const until = screen.until ?? 'time';
  const again = screen.again ?? 'over';
  const stack = typeof again === 'object' ? again.stack : null;
  return (
    <>
      <SelectRow
        label="Ends"
        value={typeof until === 'object' ? `event ${until.event}` : until}
        options={[
          ['time', 'after its time'],
          ['dismissed', 'when dismissed'],
          ['replaced', 'when replaced or cleared'],
          ...events.map((event): [string, string] => [
            `event ${event.id}`,
            `when the game says ${event.name}`,
          ]),
        ]}
        onChange={(to: string) =>
          put({
            until: to.startsWith('event ')
              ? { event: to.slice(6) }
              : to === 'time'
                ? undefined
                : (to as 'dismissed' | 'replaced'),
          })
        }
      />
      {until === 'time' && (
        <div className="py-2">
          <Field
            label={`Duration (reading takes about ${timeToRead(project, words) / 1000} s)`}
            value={screen.lasts ?? '2 s'}
            read={(text) => readDuration(text, project.rates, 's')}
            onChange={(lasts) => put({ lasts })}
          />
        </div>
      )}
      <SelectRow
        label="When shown again"
        value={stack === null ? (again as string) : 'stack'}
        options={[
          ['over', 'restart'],
          ['line', 'queue'],
          ['ignore', 'ignore'],
          ['stack', 'stack'],
        ]}
        onChange={(to: string) =>
          put({
            again: to === 'stack' ? { stack: 3 } : to === 'over' ? undefined : (to as 'line' | 'ignore'),
          })
        }
      />
      {stack !== null && (
        <div className="py-2">
          <Field
            label="Max at once"
            value={String(stack)}
            read={(text) => readWhole(text)}
            onChange={(max) => put({ again: { stack: max } })}
          />
        </div>
      )}
      <SelectRow
        label="Shown over"
        value={screen.above ?? 'base'}
        options={[
          ['base', 'the base'],
          ['everything', 'everything'],
        ]}
        onChange={(to: string) => put({ above: to === 'everything' ? 'everything' : undefined })}
      />
      {until === 'time' && (
        <>
          <SelectRow
            label="Clock"
            value={screen.clock ?? 'interface'}
            options={[
              ['interface', 'the interface’s clock'],
              ['game', 'the game’s clock'],
            ]}
            onChange={(to: string) => put({ clock: to === 'game' ? 'game' : undefined })}
          />
          <SelectRow
            label="Clock under a modal screen"
            value={screen.covered ?? 'waits'}
            options={[
              ['waits', 'paused'],
              ['counts', 'keeps running'],
            ]}
            onChange={(to: string) => put({ covered: to === 'counts' ? 'counts' : undefined })}
          />
        </>
      )}
      <SelectRow
        label="Ends with"
        value={screen.scope ?? ''}
        options={[
          ['', 'what triggered it'],
          ['screen', 'the screen'],
          ['area', 'the area'],
          ['project', 'nothing'],
        ]}
        onChange={(to: string) =>
          put({ scope: to === '' ? undefined : (to as 'screen' | 'area' | 'project') })
        }
      />
    </>
  );
}

function readWhole(text: string): { ok: number } | { error: string } {
  const read = readNumber(text, 1, 20);
  if ('error' in read) return read;
  return Number.isInteger(read.ok) ? read : { error: 'Write a whole number.' };
}
