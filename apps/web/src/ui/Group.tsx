'use client';

import { ChevronRight } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { setFold, useFolds } from './folds';

/** A group of settings that folds, and stays folded wherever it is met again. */
export function Group({
  title,
  extra,
  unfolded = true,
  children,
}: {
  title: string;
  extra?: ReactNode;
  /** How it is first met. */
  unfolded?: boolean;
  children: ReactNode;
}) {
  // What comes to be in it meanwhile does not unfold it under the hand.
  const [first] = useState(unfolded);
  const open = useFolds((folds) => folds.byTitle[title]) ?? first;
  return (
    <Collapsible.Root asChild open={open} onOpenChange={(next) => setFold(title, next)}>
      <section aria-label={title} className="space-y-2">
        <div className="flex items-center justify-between">
          <h3 className="font-bold">
            <Collapsible.Trigger className="group flex items-center gap-1">
              <ChevronRight size={13} aria-hidden="true" className="group-data-[state=open]:rotate-90" />
              {title}
            </Collapsible.Trigger>
          </h3>
          {extra}
        </div>
        <Collapsible.Content className="space-y-2">{children}</Collapsible.Content>
      </section>
    </Collapsible.Root>
  );
}
