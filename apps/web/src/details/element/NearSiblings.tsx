'use client';

import { counterpart, matched, measure, MEASURES, nearMatches, type Measure } from '@tavu/core/layout';
import type { CompiledScreen } from '@tavu/core/compile';
import type { Id, Screen } from '@tavu/core/model';
import { Ruler } from 'lucide-react';
import { useState } from 'react';
import { chosenTops, putRects, reachedOn, type Reached } from '../../canvas';
import { useView, useStudio } from '../../store';
import { Small, SelectRow } from '../../ui';

/** The selection compared with the reference screen: what nearly matches, and buttons that align it. */
export function NearSiblings({ screen, path }: { screen: Screen; path?: Id }) {
  const siblingId = useView((view) => view.sibling);
  const flow = useStudio((studio) => studio.flow);
  useStudio((studio) => studio.chosen);
  const compiled = flow.screens.get(screen.id)!;
  const sibling = siblingId === null || siblingId === screen.id ? undefined : flow.screens.get(siblingId);
  const reached = path === undefined ? chosenTops(compiled) : reachedOn(compiled, [path]);
  if (!sibling || reached.length === 0) return null;
  return (
    <section aria-label={`Beside ${sibling.screen.name}`} className="space-y-1.5">
      <h3 className="flex items-center gap-1 font-bold">
        <Ruler size={13} aria-hidden="true" /> Beside {sibling.screen.name}
      </h3>
      {reached.length === 1 && <Near compiled={compiled} reached={reached[0]!} sibling={sibling} />}
      <MatchRow compiled={compiled} reached={reached} sibling={sibling} />
    </section>
  );
}

/** What of one element nearly matches, each with one press to match it. */
function Near({
  compiled,
  reached,
  sibling,
}: {
  compiled: CompiledScreen;
  reached: Reached;
  sibling: CompiledScreen;
}) {
  const { element, rect } = reached;
  const near = nearMatches(element, rect, sibling.elements, sibling.layout);
  const put = (to: typeof rect): void => putRects(compiled, [{ reached, to }]);
  if (near.length === 0) return <p className="text-sm text-soft">Nothing here nearly matches it.</p>;
  return (
    <ul className="space-y-1">
      {near.map((nearMatch) => (
        <li key={nearMatch.what} className="rounded border border-line p-1.5 text-sm">
          <p>
            {nearMatch.what} {Math.round(nearMatch.here * 10) / 10};{' '}
            {sibling.byId.get(nearMatch.sibling)?.name} there has {Math.round(nearMatch.there * 10) / 10}
          </p>
          <div className="mt-1 flex gap-1">
            <Small onClick={() => put(matched(rect, nearMatch, false))}>Match</Small>
            {nearMatch.what !== 'width' && nearMatch.what !== 'height' && (
              <Small onClick={() => put(matched(rect, nearMatch, true))}>Match, the rest stays</Small>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}

const WORDS: Record<Measure, string> = {
  left: 'Left',
  right: 'Right',
  top: 'Top',
  bottom: 'Bottom',
  width: 'Width',
  height: 'Height',
};

/**
 * Brings each of some elements to where the one of its name, or the nearest like it, stands over there; as one step.
 */
function MatchRow({
  compiled,
  reached,
  sibling,
}: {
  compiled: CompiledScreen;
  reached: readonly Reached[];
  sibling: CompiledScreen;
}) {
  const [keeps, setKeeps] = useState<'size' | 'edge'>('size');
  const pairs = reached.flatMap((item) => {
    const found = counterpart(item.element, item.rect, sibling.elements, sibling.layout);
    return found ? [{ each: item, ...found }] : [];
  });
  if (pairs.length === 0) return <p className="text-sm text-soft">Nothing there is like it.</p>;
  const match = (what: Measure): void =>
    putRects(
      compiled,
      pairs.map(({ each, rect }) => ({
        reached: each,
        to: matched(
          each.rect,
          { what, here: measure(each.rect, what), there: measure(rect, what) },
          keeps === 'edge',
        ),
      })),
    );
  const names = [...new Set(pairs.map((pair) => sibling.byId.get(pair.sibling)!.name))];
  return (
    <div role="group" aria-label="Match at any distance" className="space-y-1">
      <p className="text-sm text-soft">Match with {names.join(', ')}, at any distance:</p>
      <div className="flex flex-wrap gap-1">
        {MEASURES.map((what) => (
          <Small key={what} onClick={() => match(what)}>
            {WORDS[what]}
          </Small>
        ))}
      </div>
      <SelectRow<'size' | 'edge'>
        label="Keeping"
        value={keeps}
        options={[
          ['size', 'its size'],
          ['edge', 'its other edge'],
        ]}
        onChange={setKeeps}
      />
    </div>
  );
}
