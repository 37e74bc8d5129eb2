'use client';

import { matched, nearMatches } from '@tavu/core/layout';
import type { Id, Screen } from '@tavu/core/model';
import { Ruler } from 'lucide-react';
import { putRects } from '../../editing/reach';
import { useView } from '../../editing/view';
import { useStudio } from '../../studio/store';
import { Small } from '../../ui/parts';

/** What nearly matches the screen that shows faintly, each with one press to match it. */
export function NearSisters({ screen, path }: { screen: Screen; path: Id }) {
  const sisterId = useView((view) => view.sister);
  const flow = useStudio((studio) => studio.flow);
  const compiled = flow.screens.get(screen.id)!;
  const sister = sisterId === null || sisterId === screen.id ? undefined : flow.screens.get(sisterId);
  const element = compiled.byId.get(path);
  if (!sister || !element) return null;
  const rect = compiled.layout.get(path)!;
  const near = nearMatches(element, rect, sister.elements, sister.layout);
  const put = (to: typeof rect): void => putRects(compiled, [{ reached: { path, element, rect }, to }]);
  return (
    <section aria-label={`Beside ${sister.screen.name}`} className="space-y-1">
      <h3 className="flex items-center gap-1 font-bold">
        <Ruler size={13} aria-hidden="true" /> Beside {sister.screen.name}
      </h3>
      {near.length === 0 ? (
        <p className="text-sm text-soft">Nothing here nearly matches it.</p>
      ) : (
        <ul className="space-y-1">
          {near.map((each) => (
            <li key={each.what} className="rounded border border-line p-1.5 text-sm">
              <p>
                {each.what} {Math.round(each.here * 10) / 10}; {sister.byId.get(each.sister)?.name} there has{' '}
                {Math.round(each.there * 10) / 10}
              </p>
              <div className="mt-1 flex gap-1">
                <Small onClick={() => put(matched(rect, each, false))}>Match</Small>
                {each.what !== 'width' && each.what !== 'height' && (
                  <Small onClick={() => put(matched(rect, each, true))}>Match, the rest stays</Small>
                )}
              </div>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
