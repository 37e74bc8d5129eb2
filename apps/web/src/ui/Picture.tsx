'use client';

import type { Item } from '@tavu/core/drawing';
import { toSvg, type Sources } from '@tavu/core/paint';
import { patchChildren } from '@tavu/player';
import { memo, useLayoutEffect, useRef } from 'react';

/** A display list shown still: a card, a pile, a small bubble. */
export const Picture = memo(function Picture({
  items,
  sources,
  width,
  height,
  box = `0 0 ${width} ${height}`,
  className,
}: {
  items: readonly Item[];
  sources: Sources;
  width?: number;
  height?: number;
  /** The part of it that is seen, as an SVG viewBox. Absent: all of `width` by `height`. */
  box?: string;
  className?: string;
}) {
  const ref = useRef<SVGSVGElement>(null);
  useLayoutEffect(() => {
    try {
      patchChildren(ref.current!, toSvg(items, sources));
    } catch {
      // One picture that cannot be drawn is left empty; what stands around it goes on.
      ref.current!.replaceChildren();
    }
  }, [items, sources]);
  return <svg ref={ref} data-picture viewBox={box} className={className} aria-hidden="true" />;
});
