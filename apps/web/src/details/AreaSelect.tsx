'use client';

import { freeName, type Id } from '@tavu/core/model';
import { choose, edit, notify, useStudio } from '../store';
import { Select } from '../ui';

const NEW = 'a new area';

/** The area that some screens are in; a new one can be made around them. */
export function AreaSelect({ screens, area }: { screens: readonly Id[]; area: Id | null }) {
  const areas = useStudio((studio) => studio.project.areas);
  /** An area's rules hold while one of its bases is up, so that an overlay among those is worth a word. */
  const tellOverlays = (): void => {
    const all = useStudio.getState().project.screens.filter(({ id }) => screens.includes(id));
    const over = all.filter(({ layer }) => layer === 'overlay').map(({ name }) => name);
    if (over.length > 0 && over.length < all.length)
      notify(
        `${over.join(', ')}: over the bases, and in the area only while one of its bases is up beneath.`,
      );
  };
  const put = (to: string): void => {
    if (to !== '') tellOverlays();
    if (to !== NEW) return void edit('move to area', { screens: [...screens], area: to === '' ? null : to });
    const name = freeName(
      'New area',
      areas.map((item) => item.name),
    );
    edit(
      'add area',
      { name, screens: [...screens] },
      { chosen: (made) => ({ screen: null, area: made ?? null, others: [], element: null, link: null }) },
    );
  };
  return (
    <span className="flex min-w-0 items-center">
      <Select
        label="Area"
        value={area ?? ''}
        options={[
          ['', 'none'],
          ...areas.map((item): [string, string] => [item.id, item.name]),
          [NEW, 'new area …'],
        ]}
        onChange={put}
      />
      {area !== null && (
        <button
          type="button"
          className="ml-1 rounded px-1 text-sm text-chosen underline hover:bg-chosen-wash"
          onClick={() => choose({ area })}
        >
          open
        </button>
      )}
    </span>
  );
}
