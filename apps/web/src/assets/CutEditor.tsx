'use client';

import { cellsOf, type Asset, type Sheet } from '@tavu/core/model';
import { edit, useStudio } from '../store';
import { Check, Field, NumberField, SelectRow } from '../ui';
import { cutByGaps } from './cut';

/** The largest it is shown, in pixels of the page. */
const ROOM = { width: 232, height: 180 };

/** How a picture is cut into frames, seen on the picture itself, and whether its pixels stay sharp. */
export function CutEditor({ asset }: { asset: Asset }) {
  const { sheet } = asset;
  const put = (change: Partial<Asset>): void =>
    void edit('change asset', { asset: asset.id, change }, { key: `cut ${asset.id}` });
  const grid = sheet?.by === 'grid' ? sheet : null;
  const cells = cellsOf(asset);
  const most = (size: number): number => Math.max(1, Math.min(1000, size));
  return (
    <div role="group" aria-label={`Frames of ${asset.name}`} className="space-y-1.5">
      <SelectRow<Sheet['by'] | 'none'>
        label="Cut into"
        value={sheet?.by ?? 'none'}
        options={[
          ['none', 'one picture'],
          ['grid', 'columns and rows'],
          ['cells', 'parts, by clear gaps'],
        ]}
        onChange={(by) => {
          if (by === 'cells') void cutByGaps(asset);
          else put({ sheet: by === 'grid' ? { by, columns: 4, rows: 1 } : undefined });
        }}
      />
      {grid && (
        <div className="flex gap-1.5">
          <NumberField
            label="Columns"
            value={grid.columns}
            min={1}
            max={most(asset.width)}
            onChange={(columns) => put({ sheet: { ...grid, columns: Math.round(columns) } })}
          />
          <NumberField
            label="Rows"
            value={grid.rows}
            min={1}
            max={most(asset.height)}
            onChange={(rows) => put({ sheet: { ...grid, rows: Math.round(rows) } })}
          />
          <NumberField
            label="Frames"
            value={Math.min(grid.count ?? Infinity, grid.columns * grid.rows, 1000)}
            min={1}
            max={Math.min(1000, grid.columns * grid.rows)}
            onChange={(n) => {
              const { count: _, ...whole } = grid;
              const all = Math.round(n) === grid.columns * grid.rows;
              put({ sheet: all ? whole : { ...whole, count: Math.round(n) } });
            }}
          />
        </div>
      )}
      {sheet && <Cells asset={asset} />}
      {sheet && <p className="text-sm text-soft">{cutWords(asset, cells.length)}</p>}
      {sheet && (
        <Field
          label="Characters, if its frames are letters"
          value={asset.characters ?? ''}
          placeholder="ABC… 0123…"
          read={(text) => ({ ok: text })}
          onChange={(text) => put({ characters: text === '' ? undefined : text.slice(0, 2000) })}
        />
      )}
      <Check on={asset.sharp === true} onChange={(on) => put({ sharp: on || undefined })}>
        Pixel art: its pixels stay sharp
      </Check>
    </div>
  );
}

/** The picture with the edges of its frames. */
function Cells({ asset }: { asset: Asset }) {
  const sources = useStudio((studio) => studio.sources);
  const { width, height } = asset;
  const by = Math.min(ROOM.width / width, ROOM.height / height, 8);
  return (
    <svg
      role="img"
      aria-label={`${asset.name} with the edges of its frames`}
      viewBox={`0 0 ${width} ${height}`}
      width={width * by}
      height={height * by}
      className="mx-auto block outline outline-line"
      // Between dark and light, so that pale artwork is seen on it as well as dark.
      style={{ background: '#7d8a94' }}
    >
      <image href={sources.asset(asset.id)} width={width} height={height} preserveAspectRatio="none" />
      {cellsOf(asset).map((cell, i) => (
        <rect
          key={i}
          {...cell}
          className="fill-none stroke-live"
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
}

/** How many frames there are, how large, and what of the picture is left over. */
function cutWords({ sheet, width, height, name }: Asset, count: number): string {
  if (sheet?.by !== 'grid') return `${count} frames.`;
  if (count === 0) return `${name} is too small for so many frames.`;
  const { columns, rows } = sheet;
  const over = [
    ...(width % columns > 0 ? [`${width % columns} at the right`] : []),
    ...(height % rows > 0 ? [`${height % rows} at the bottom`] : []),
  ];
  const left = over.length > 0 ? ` Pixels left over: ${over.join(', ')}.` : '';
  return `${count} frames of ${Math.floor(width / columns)} × ${Math.floor(height / rows)}.${left}`;
}
