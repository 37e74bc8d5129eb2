'use client';

import { Small } from '../ui';

/** Marks and buttons for overrides of a shared style. */

export function Shared({ differs }: { differs: boolean }) {
  return differs ? <span className="text-sm text-live">with overrides</span> : null;
}

/** What to do with exceptions: drop them, make them the style's, or a style of their own. */
export function Exceptions({
  of,
  onReset,
  onShare,
  onNew,
}: {
  of: string;
  onReset: () => void;
  onShare: () => void;
  onNew: (name: string) => void;
}) {
  return (
    <div className="flex flex-wrap gap-1">
      <Small onClick={onReset}>Reset to the style</Small>
      <Small onClick={onShare}>Update the style, everywhere</Small>
      <Small onClick={() => onNew(`${of} too`)}>New style from this</Small>
    </div>
  );
}

export const without = <T extends object>(use: T, name: string): T =>
  Object.fromEntries(Object.entries(use).filter(([key]) => key !== name)) as T;
