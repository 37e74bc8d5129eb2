import { Snowflake } from 'lucide-react';
import type { Scale } from './plot';

/** A span in which something else holds too: presses are masked, or the game is frozen. */
export function Shade({
  scale,
  from,
  until,
  className,
  short,
  words,
  right = false,
}: {
  scale: Scale;
  from: number;
  until: number;
  className: string;
  short: string;
  words: string;
  right?: boolean;
}) {
  return (
    <div
      title={words}
      className={`absolute top-4 bottom-0 overflow-hidden ${className}`}
      style={{ left: scale.at(from), width: scale.wide(until - from) }}
    >
      <span className="sr-only">{words}</span>
      <span
        aria-hidden="true"
        className={`absolute bottom-0 flex items-center gap-1 text-xs whitespace-nowrap text-soft ${right ? 'right-1' : 'left-1'}`}
      >
        {right && <Snowflake size={11} />}
        {short}
      </span>
    </div>
  );
}
