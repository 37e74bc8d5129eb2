'use client';

import { Boxed } from './Boxed';
import { NumberField, SelectRow } from '../ui';
import { ValueRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ screen, element, path, put }: FieldsOf<'progress'>) {
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
      {!element.loading && <ValueRow types={['number']} element={element} path={path} put={put} />}
      {!element.loading && element.value === undefined && (
        <NumberField
          label="Sample fill"
          unit="%"
          value={(element.sample ?? 0) * 100}
          min={0}
          max={100}
          onChange={(percent) => put({ sample: percent / 100 })}
        />
      )}
    </>
  );
}

export const progress: Settings<'progress'> = {
  Fields,
  Parts: ({ element, put }) => (
    <Boxed
      title="Filled part"
      label="Style of the bar"
      use={element.bar}
      states={false}
      onChange={(bar, key) => put({ bar }, key && `bar ${key}`)}
    />
  ),
};
