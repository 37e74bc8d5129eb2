'use client';

import { Check as Tick } from 'lucide-react';
import { Checkbox } from 'radix-ui';
import type { ReactNode } from 'react';

/** Something that is so or is not, with its words beside it. */
export function Check({
  on,
  className = '',
  disabled = false,
  onChange,
  children,
}: {
  on: boolean;
  disabled?: boolean;
  className?: string;
  onChange: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <label className={`inline-flex cursor-pointer items-center gap-1.5 ${className}`}>
      <Checkbox.Root
        checked={on}
        disabled={disabled}
        className="flex size-3.5 shrink-0 items-center justify-center rounded-xs border border-strong bg-sheet text-on-chosen data-[state=checked]:border-chosen data-[state=checked]:bg-chosen"
        onCheckedChange={(now) => onChange(now === true)}
        // As on a checkbox of the browser's own: Enter is for the form.
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.form?.requestSubmit()}
      >
        <Checkbox.Indicator>
          <Tick size={12} strokeWidth={3} aria-hidden="true" />
        </Checkbox.Indicator>
      </Checkbox.Root>
      {children}
    </label>
  );
}
