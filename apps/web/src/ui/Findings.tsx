'use client';

import { findingWords, type Finding } from '@tavu/core/check';
import { TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

/**
 * What is wrong, or could be better, beneath what it is about: each sentence once. `small` is within a line of other
 * notes; `leading` names what a finding is on where that is not told beside it; `after` adds ways to go on.
 */
export function Findings({
  of,
  small = false,
  leading,
  after,
}: {
  of: readonly Finding[];
  small?: boolean;
  leading?: (finding: Finding) => string;
  after?: (finding: Finding) => ReactNode;
}) {
  const said = new Map<string, Finding>();
  for (const finding of of) {
    const words = (leading?.(finding) ?? '') + findingWords(finding);
    if (!said.has(words)) said.set(words, finding);
  }
  return [...said].map(([words, finding]) => {
    const tone = finding.severity === 'advice' ? 'text-soft' : 'text-warn';
    const mark = finding.severity !== 'advice' && (
      <TriangleAlert size={small ? 11 : 13} aria-hidden="true" className={small ? '' : 'mt-1 shrink-0'} />
    );
    return small ? (
      <span key={words} className={`flex items-center gap-1 text-xs ${tone}`}>
        {mark} {words}
      </span>
    ) : (
      <p key={words} role="note" className={`flex items-start gap-1 text-sm leading-5 ${tone}`}>
        {mark}
        <span>
          {words} {after?.(finding)}
        </span>
      </p>
    );
  });
}
