'use client';

import { findingsOf, findingWords } from '@tavu/core/check';
import { LAYERS } from '@tavu/core/map';
import { layerName, STATUSES, withId, type Status } from '@tavu/core/model';
import { Funnel } from 'lucide-react';
import { useMemo } from 'react';
import { chooseLink, choose, useStudio } from '../../store';
import { Button, IconButton, Sheet, Row, Select } from '../../ui';
import { NO_FILTER, type Filter } from './filter';

/** What is looked at on the map: by layer, by area, what is up, or where something is wrong, which it lists. */
export function FilterSheet({ filter, onChange }: { filter: Filter; onChange: (filter: Filter) => void }) {
  const project = useStudio((studio) => studio.project);
  const findings = useMemo(
    () => (filter.only === 'trouble' ? findingsOf(project) : []),
    [project, filter.only],
  );
  const set = filter !== NO_FILTER;
  const put = (change: Partial<Filter>): void => onChange({ ...filter, ...change });
  const nameOf = (id: string): string =>
    withId(project.screens, id)?.name ?? withId(project.areas, id)?.name ?? 'Everywhere';
  return (
    <Sheet
      label="Show findings for"
      trigger={
        <IconButton
          name={set ? 'Only some are looked at' : 'Look at some only'}
          aria-pressed={set}
          className={set ? 'bg-chosen-wash text-chosen' : ''}
        >
          <Funnel size={15} />
        </IconButton>
      }
    >
      <div className="space-y-1 p-3">
        <Row label="Layer">
          <Select<Filter['layer']>
            label="Only this layer"
            value={filter.layer}
            options={[
              ['any', 'all'],
              ...LAYERS.map((layer): [Filter['layer'], string] => [layer, layerName(layer)]),
            ]}
            onChange={(layer) => put({ layer })}
          />
        </Row>
        <Row label="Area">
          <Select
            label="Only this area"
            value={filter.area}
            options={[['any', 'all'], ...project.areas.map((area): [string, string] => [area.id, area.name])]}
            onChange={(area: string) => put({ area })}
          />
        </Row>
        <Row label="Status">
          <Select<Filter['status']>
            label="Only this status"
            value={filter.status}
            options={[['any', 'all'], ...STATUSES.map((status): [Status, string] => [status, status])]}
            onChange={(status) => put({ status })}
          />
        </Row>
        <Row label="Only">
          <Select<Filter['only']>
            label="Only those"
            value={filter.only}
            options={[
              ['any', 'all'],
              ['up', 'what is up'],
              ['trouble', 'with findings'],
              ['notes', 'with open notes'],
            ]}
            onChange={(only) => put({ only })}
          />
        </Row>
        {filter.only === 'trouble' && (
          <ul aria-label="Findings" className="max-h-52 overflow-auto">
            {findings.length === 0 && <li className="text-soft">Nothing is wrong.</li>}
            {findings.map((finding, i) => {
              const { source, link } = finding.where;
              return (
                <li key={i}>
                  <button
                    type="button"
                    className="w-full rounded px-1 py-0.5 text-left hover:bg-chosen-wash"
                    onClick={() => (link ? chooseLink(link) : choose({ screen: source }))}
                  >
                    <b>{nameOf(source)}:</b> {findingWords(finding)}
                  </button>
                </li>
              );
            })}
          </ul>
        )}
        {set && <Button onClick={() => onChange(NO_FILTER)}>Clear the filter</Button>}
      </div>
    </Sheet>
  );
}
