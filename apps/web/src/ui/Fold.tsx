'use client';

import { ChevronRight } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import type { ReactNode } from 'react';

/** What is seldom wanted, behind a line that says what it holds. */
export function Fold({ title, children }: { title: ReactNode; children: ReactNode }) {
  return (
    <Collapsible.Root>
      <Collapsible.Trigger className="group flex min-h-6 items-center gap-1 text-left text-sm text-soft hover:text-ink">
        <ChevronRight size={12} aria-hidden="true" className="shrink-0 group-data-[state=open]:rotate-90" />
        {title}
      </Collapsible.Trigger>
      <Collapsible.Content className="pt-1.5">{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
