'use client';

import { isPicture, valueById, type Option } from '@tavu/core/model';
import { newType, readOptions } from '../fields';
import { useStudio } from '../store';
import { Group, SelectRow, ThingRow } from '../ui';
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
      <OptionPictures element={element} put={put} />
    </>
  );
}

/** A picture for each option, and where it stands beside the words. */
function OptionPictures({ element, put }: Pick<FieldsOf<'choice'>, 'element' | 'put'>) {
  const project = useStudio((studio) => studio.project);
  const assets = project.assets.filter(isPicture);
  const value = valueById(project, element.value);
  const options =
    value?.type === 'choice'
      ? value.options
      : (element.options ?? []).map((label, i) => ({ id: String(i), label }));
  const { pictures = {}, pictured } = element;
  const has = Object.keys(pictures).length > 0;
  if (assets.length === 0 || options.length === 0) return null;
  return (
    <Group title="Pictures of options" unfolded={has}>
      {options.map(({ id, label }) => (
        <ThingRow
          key={id}
          label={label}
          value={pictures[id]}
          none="no picture"
          things={assets}
          onChange={(asset) => {
            const { [id]: _, ...rest } = pictures;
            const next = asset === undefined ? rest : { ...rest, [id]: asset };
            put({ pictures: Object.keys(next).length > 0 ? next : undefined });
          }}
        />
      ))}
      {has && (
        <SelectRow<'beside' | 'above' | 'alone'>
          label="Picture stands"
          value={pictured ?? 'beside'}
          options={[
            ['beside', 'to the left of the words'],
            ['above', 'above the words'],
            ['alone', 'in place of the words'],
          ]}
          onChange={(to) => put({ pictured: to === 'beside' ? undefined : to })}
        />
      )}
    </Group>
  );
}

export const choice: Settings<'choice'> = { words: 'Text', sounds: true, Fields, Parts: ControlParts };
