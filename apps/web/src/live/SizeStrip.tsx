'use client';

import type { Size } from '@tavu/core/model';
import { paintRun, toSvg, wornSources } from '@tavu/core/paint';
import { patchChildren } from '@tavu/player';
import { Plus, Trash2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { readNumber, Field, Button, IconButton, Sheet, SelectRow } from '../ui';
import { edit, useStudio } from '../store';
import { livePlayer, flowAt, showSize, sizesOf, useSizes } from '../run';

const HEIGHT = 58;

/** The same moment of the run at every size; one of them is what Live shows. */
export function SizeStrip() {
  const project = useStudio((studio) => studio.project);
  const chosen = useSizes((sizes) => sizes.size);
  const own = project.design.sizes ?? [];
  const design: Size = { name: 'As designed', width: project.design.width, height: project.design.height };
  return (
    <div className="min-h-0 flex-1 overflow-auto px-3.5 py-1">
      <div className="mb-1 flex flex-wrap items-center gap-x-3">
        <SelectRow
          label="On other aspect ratios"
          value={project.design.fits ?? 'bars'}
          options={[
            ['bars', 'letterbox'],
            ['cover', 'crop'],
            ['adapt', 'fill, by the anchors'],
          ]}
          onChange={(fits: 'bars' | 'cover' | 'adapt') =>
            edit('change design', { fits: fits === 'bars' ? undefined : fits })
          }
        />
        <span className="grow" />
        <OwnSize />
      </div>
      <ul className="flex gap-2 overflow-x-auto p-0.5 pb-1.5">
        <Shape size={design} chosen={chosen === null} onChoose={() => showSize(null)} />
        {sizesOf(project).map((size) => (
          <Shape
            key={`${size.name} ${size.width} ${size.height}`}
            size={size}
            chosen={chosen?.name === size.name && chosen.width === size.width}
            onChoose={() => showSize(size)}
            onRemove={
              own.includes(size)
                ? () => edit('change design', { sizes: own.filter((other) => other !== size) })
                : undefined
            }
          />
        ))}
      </ul>
    </div>
  );
}

function Shape({
  size,
  chosen,
  onChoose,
  onRemove,
}: {
  size: Size;
  chosen: boolean;
  onChoose: () => void;
  onRemove?: () => void;
}) {
  return (
    <li className="relative shrink-0">
      <button
        type="button"
        aria-pressed={chosen}
        aria-label={`${size.name}, ${size.width} by ${size.height}`}
        className={`block rounded p-1 ${chosen ? 'bg-chosen-wash outline-2 outline-chosen' : 'hover:bg-chosen-wash'}`}
        onClick={onChoose}
      >
        <Moment size={size} />
        <span className={`mt-0.5 block max-w-32 truncate text-left text-xs ${chosen ? 'font-bold' : ''}`}>
          {size.name}
        </span>
        <span className="block text-left font-mono text-xs text-soft">
          {size.width} × {size.height}
        </span>
      </button>
      {onRemove && (
        <IconButton
          name={`Take ${size.name} away`}
          className="absolute top-1 right-1 size-6 bg-sheet"
          onClick={onRemove}
        >
          <Trash2 size={12} />
        </IconButton>
      )}
    </li>
  );
}

/** How often the small pictures follow the run, in milliseconds: often enough to see, rarely enough to cost nothing. */
const OFTEN = 120;

function Moment({ size }: { size: Size }) {
  const ref = useRef<SVGSVGElement>(null);
  useEffect(() => {
    let last: unknown[] = [];
    const draw = (): void => {
      const player = livePlayer();
      const { flow, sources } = useStudio.getState();
      if (!player || !ref.current) return;
      const at = flowAt(flow, size);
      const now = [player.state, at, sources];
      if (now.every((item, i) => item === last[i])) return;
      last = now;
      ref.current.setAttribute('viewBox', `0 0 ${at.frame.width} ${at.frame.height}`);
      patchChildren(ref.current, toSvg(paintRun(at, player.state), wornSources(at, sources)));
    };
    draw();
    const timer = setInterval(draw, OFTEN);
    return () => clearInterval(timer);
  }, [size]);
  const fits = useStudio((studio) => studio.project.design.fits);
  const width = Math.max(24, (HEIGHT * size.width) / size.height);
  return (
    <svg
      ref={ref}
      aria-hidden="true"
      className="block rounded-[2px] bg-black"
      style={{ width: Math.min(width, 170), height: HEIGHT }}
      preserveAspectRatio={fits === 'cover' ? 'xMidYMid slice' : 'xMidYMid meet'}
    />
  );
}

/** A size of the project's own. */
function OwnSize() {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const [size, setSize] = useState<Size>({ name: 'My size', width: 1280, height: 720 });
  const side = (key: 'width' | 'height', label: string) => (
    <Field
      label={label}
      value={String(size[key])}
      read={(text) => readNumber(text, 16, 16384)}
      onChange={(n) => setSize((now) => ({ ...now, [key]: Math.round(n) }))}
    />
  );
  return (
    <Sheet
      label="A size of your own"
      open={open}
      onOpen={setOpen}
      trigger={
        <Button>
          <Plus size={13} aria-hidden="true" /> Size
        </Button>
      }
    >
      <div className="space-y-2 p-3">
        <Field
          label="Name"
          value={size.name}
          read={(text): { ok: string } | { error: string } => {
            const name = text.trim().slice(0, 80);
            if (name === '') return { error: 'A name needs at least one letter.' };
            if (sizesOf(project).some((other) => other.name === name))
              return { error: `“${name}” is already in use.` };
            return { ok: name };
          }}
          onChange={(name) => setSize((now) => ({ ...now, name }))}
        />
        <div className="grid grid-cols-2 gap-2">
          {side('width', 'Width')}
          {side('height', 'Height')}
        </div>
        <Button
          look="main"
          onClick={() => {
            edit('change design', { sizes: [...(project.design.sizes ?? []), size] });
            showSize(size);
            setOpen(false);
          }}
        >
          Add it
        </Button>
      </div>
    </Sheet>
  );
}
