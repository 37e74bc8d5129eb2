'use client';

import { toSvg, type Item, type Sources } from '@tavu/core/paint';
import { patchChildren } from '@tavu/player';
import { memo, useLayoutEffect, useRef } from 'react';

/** A display list shown still: a card, a pile, a small bubble. */
export const Picture = memo(function Picture({
  items,
  sources,
  width,
  height,
  className,
}: {
  items: readonly Item[];
  sources: Sources;
  width: number;
  height: number;
  className?: string;
}) {
  const ref = useRef<SVGSVGElement>(null);
  useLayoutEffect(() => {
    patchChildren(ref.current!, toSvg(items, sources));
  }, [items, sources]);
  return <svg ref={ref} viewBox={`0 0 ${width} ${height}`} className={className} aria-hidden="true" />;
});
