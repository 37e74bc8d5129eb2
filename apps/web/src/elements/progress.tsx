'use client';

import { DurationField, EasingField } from '../motion';
import { useStudio } from '../store';
import { BarParts } from './BarParts';
import { FillFields } from './FillFields';
import { NumberField, SelectRow } from '../ui';
import { TimerRow, ValueRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ screen, element, path, put }: FieldsOf<'progress'>) {
  const text = useStudio(
    ({ project }) =>
      (project.styles.text.find(({ id }) => id === 't-body') ?? project.styles.text[0])?.id ?? '',
  );
  const own = !element.loading && element.timer === undefined;
  return (
    <>
      {screen.loading && (
        <SelectRow<'loading' | 'own'>
          label="Shows"
          value={element.loading ? 'loading' : 'own'}
          options={[
            ['own', 'a value, or a sample'],
            ['loading', 'how far it has loaded'],
          ]}
          onChange={(to) => put({ loading: to === 'loading' ? true : undefined })}
        />
      )}
      {!element.loading && <TimerRow screen={screen} path={path} value={element.timer} put={put} />}
      {own && <ValueRow types={['number', 'choice', 'on/off']} element={element} path={path} put={put} />}
      {own && element.value === undefined && (
        <NumberField
          label="Sample fill"
          unit="%"
          value={(element.sample ?? 0) * 100}
          min={0}
          max={100}
          onChange={(percent) => put({ sample: percent / 100 })}
        />
      )}
      <FillFields element={element} text={text} put={put} />
      {own && element.value !== undefined && (
        <DurationField
          label="Changes take"
          placeholder="at once"
          optional
          value={element.eases}
          onChange={(eases) => put({ eases })}
        />
      )}
      {own && element.value !== undefined && element.eases !== undefined && (
        <EasingField
          value={element.easing ?? 'linear'}
          onChange={(easing) => put({ easing: easing === 'linear' ? undefined : easing }, 'easing')}
        />
      )}
    </>
  );
}

export const progress: Settings<'progress'> = { Fields, Parts: BarParts };
