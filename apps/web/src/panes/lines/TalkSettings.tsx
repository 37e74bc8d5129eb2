'use client';

import { type ReadingTime, type TalkRules, lean } from '@tavu/core/model';
import { USUAL_TALK } from '@tavu/core/talk';
import { DurationField } from '../../motion';
import { edit, useStudio } from '../../store';
import { Group, NumberField, SelectRow, ThingRow } from '../../ui';

/** How lines are typed and read in the whole project. */
export function TalkSettings() {
  const project = useStudio((studio) => studio.project);
  const { talk = {} } = project;
  const put = (change: Partial<TalkRules>): void => void edit('change talk', change);
  const reading: ReadingTime = talk.reading ?? USUAL_TALK.reading;
  const read = (change: Partial<ReadingTime>): void => put({ reading: lean({ ...reading, ...change }) });
  const numbers = project.values.filter((value) => value.type === 'number');
  const switches = project.values.filter((value) => value.type === 'on/off');
  const auto = talk.auto === undefined ? 'never' : talk.auto === 'always' ? 'always' : 'value';
  return (
    <Group title="Typing and timing">
      <div className="grid grid-cols-3 gap-2">
        <DurationField
          label="Time per letter"
          value={talk.letter ?? USUAL_TALK.letter}
          onChange={(letter) => put({ letter })}
        />
        <DurationField
          label="After a comma"
          value={talk.comma ?? USUAL_TALK.comma}
          onChange={(comma) => put({ comma })}
        />
        <DurationField
          label="After a sentence"
          value={talk.stop ?? USUAL_TALK.stop}
          onChange={(stop) => put({ stop })}
        />
      </div>
      <SelectRow<'never' | 'always' | 'value'>
        label="Lines advance"
        value={auto}
        options={[
          ['never', 'when they are confirmed'],
          ['always', 'after their reading time'],
          ...(switches.length > 0 ? [['value', 'as a value says'] as const] : []),
        ]}
        onChange={(next) =>
          put({
            auto: next === 'never' ? undefined : next === 'always' ? 'always' : { value: switches[0]!.id },
          })
        }
      />
      {typeof talk.auto === 'object' && (
        <ThingRow
          label="By themselves while this is on"
          value={talk.auto.value}
          none="never"
          things={switches}
          onChange={(value) => put({ auto: value === undefined ? undefined : { value } })}
        />
      )}
      <h4 className="text-sm text-soft">Reading time</h4>
      <div className="grid grid-cols-4 gap-2">
        <DurationField
          label="Base"
          unit="s"
          value={reading.base}
          onChange={(base) => read({ base: base! })}
        />
        <DurationField label="Per letter" value={reading.each} onChange={(value) => read({ each: value! })} />
        <DurationField label="Min" unit="s" optional value={reading.min} onChange={(min) => read({ min })} />
        <DurationField label="Max" unit="s" optional value={reading.max} onChange={(max) => read({ max })} />
      </div>
      <ThingRow
        label="Scaled by the value"
        value={reading.scale}
        none="nothing"
        things={numbers}
        onChange={(scale) => read({ scale })}
      />
      <div className="flex items-end gap-2">
        <NumberField
          label="Reading speed limit"
          value={talk.limit ?? USUAL_TALK.limit}
          min={1}
          max={200}
          onChange={(limit) => put({ limit })}
        />
      </div>
      <SelectRow<'pages' | 'marked'>
        label="A line too long for its text box"
        value={talk.long ?? USUAL_TALK.long}
        options={[
          ['pages', 'is split into parts'],
          ['marked', 'is only marked'],
        ]}
        onChange={(long) => put({ long })}
      />
      <p className="text-sm text-soft">
        In a line, [slow], [fast] and [usual] change how it is typed from there on; [wait 0.4 s] waits.
      </p>
    </Group>
  );
}
