'use client';

import { useStudio } from '../store';
import { NumberField, ThingRow } from '../ui';
import { ListRows } from './ListRows';
import { Lines } from './rows';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, path, put }: FieldsOf<'list'>) {
  const lists = useStudio((studio) => studio.project.lists);
  return (
    <>
      {lists && (
        <ThingRow
          label="Shows"
          value={element.list}
          none="rows that are written here"
          things={lists}
          onChange={(list) => put({ list })}
        />
      )}
      {element.list === undefined ? (
        <>
          <Lines label="Rows, one per line" lines={element.rows} onChange={(rows) => put({ rows }, 'rows')} />
          <NumberField
            label="Row height"
            value={element.rowHeight}
            min={1}
            onChange={(rowHeight) => put({ rowHeight })}
          />
        </>
      ) : (
        <ListRows element={element} path={path} put={put} />
      )}
    </>
  );
}

export const list: Settings<'list'> = { Fields, Parts: ControlParts };
