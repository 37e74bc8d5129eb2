'use client';

import type { Option } from '@tavu/core/model';
import { newType, readOptions } from '../fields';
import { ValueRow, Lines } from './rows';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

/** The options of a value from the words on the control; two plain ones where those cannot be options. */
function optionsOf(words: readonly string[]): Option[] {
  const read = readOptions(words.join(','), []);
  return 'ok' in read ? read.ok : (newType('choice') as { options: Option[] }).options;
}

function Fields({ element, path, put }: FieldsOf<'choice'>) {
  return (
    <>
      <ValueRow
        types={['choice', 'number']}
        element={element}
        path={path}
        make={{ type: 'choice', options: optionsOf(element.options ?? []) }}
        put={put}
      />
      {element.value === undefined && (
        <Lines
          label="Options, one per line"
          lines={element.options ?? []}
          onChange={(options) => put({ options }, 'options')}
        />
      )}
    </>
  );
}

export const choice: Settings<'choice'> = { words: 'Text', sounds: true, Fields, Parts: ControlParts };
