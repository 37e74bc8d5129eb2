'use client';

import { refusalWords } from '@tavu/core/refusal';
import { cellsOf, LONGEST_NAME, readName, type Asset, isPicture } from '@tavu/core/model';
import { FileAudio, FilePlus2, Layers, RefreshCw, Trash2, TriangleAlert, Type } from 'lucide-react';
import { useMemo, useState } from 'react';
import { putPicture, choose, edit, notify, useStudio } from '../../store';
import { Field, Button, IconButton, Sheet, Small } from '../../ui';
import {
  ACCEPTED,
  CutEditor,
  askFiles,
  bringFiles,
  bringGroups,
  replaceAsset,
  sortWord,
  type Kit,
  type Refused,
  usesOf,
} from '../../assets';
import { KitTable } from './KitTable';

/** Larger than this, a file is pointed out: it will be felt when the game is loaded. */
const HEAVY = 1_500_000;

/** Pictures, fonts and sounds of the project: what they are, where they are used, what is wrong with them. */
export function AssetsPane() {
  const project = useStudio((studio) => studio.project);
  const held = useStudio((studio) => studio.assets);
  const [refused, setRefused] = useState<Refused[]>([]);
  const [over, setOver] = useState(false);
  const [kit, setKit] = useState<Kit | null>(null);
  const uses = useMemo(() => usesOf(project), [project]);
  const unused = project.assets.filter((asset) => !uses.has(asset.id));
  const bring = async (files: File[]): Promise<void> => {
    if (files.length > 0) setRefused(await bringFiles(files, null, setKit));
  };
  const groups = [
    ['Pictures', 'image/'],
    ['Fonts', 'font/'],
    ['Sounds', 'audio/'],
  ] as const;
  return (
    <section
      aria-label="Assets"
      data-pane
      tabIndex={-1}
      className={`min-h-0 flex-1 overflow-auto bg-sheet px-3.5 py-3 ${over ? 'outline-2 -outline-offset-4 outline-chosen outline-dashed' : ''}`}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes('Files')) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void bring([...event.dataTransfer.files]);
      }}
      onPaste={(event) => {
        const files = [...event.clipboardData.files];
        if (files.length === 0) return;
        event.preventDefault();
        void bring(files);
      }}
    >
      <div className="mb-3 flex flex-wrap items-center gap-2">
        <Button look="main" onClick={() => void askFiles(ACCEPTED, true).then(bring)}>
          <FilePlus2 size={14} aria-hidden="true" /> Import files
        </Button>
        <span className="text-soft">or drop or paste them here</span>
        <span className="grow" />
        {unused.length > 0 && (
          <Button
            onClick={() => {
              edit('delete assets', { assets: unused.map((asset) => asset.id) });
              notify(`${unused.length} unused taken out.`);
            }}
          >
            Delete {unused.length} unused
          </Button>
        )}
      </div>
      {refused.length > 0 && (
        <div role="alert" className="mb-3 rounded border border-warn bg-warn-wash p-2">
          <p className="font-semibold">Not imported:</p>
          <ul>
            {refused.map((item) => (
              <li key={item.name}>
                <b>{item.name}</b>: {refusalWords(item.why)}
              </li>
            ))}
          </ul>
          <Small onClick={() => setRefused([])}>Dismiss</Small>
        </div>
      )}
      {kit && <KitTable kit={kit} onDone={() => setKit(null)} />}
      {project.assets.length === 0 && (
        <p className="text-soft">
          No pictures, fonts or sounds yet. Import them here, or drop pictures straight onto Live.
        </p>
      )}
      {groups.map(([title, media]) => {
        const assets = project.assets.filter((asset) => asset.media.startsWith(media));
        if (assets.length === 0) return null;
        return (
          <section key={title} aria-label={title} className="mb-4">
            <h3 className="mb-1 font-bold">
              {title} <span className="font-normal text-soft">{assets.length}</span>
            </h3>
            <ul className="divide-y divide-line border-y border-line">
              {assets.map((asset) => (
                <Row
                  key={asset.id}
                  asset={asset}
                  taken={project.assets}
                  uses={uses.get(asset.id) ?? []}
                  missing={!held.has(asset.id)}
                  onRefused={(item) => setRefused([item])}
                />
              ))}
            </ul>
          </section>
        );
      })}
    </section>
  );
}

function Row({
  asset,
  taken,
  uses,
  missing,
  onRefused,
}: {
  asset: Asset;
  taken: readonly Asset[];
  uses: readonly string[];
  missing: boolean;
  onRefused: (refused: Refused) => void;
}) {
  const design = useStudio((studio) => studio.project.design);
  const faults = [
    ...(missing ? ['its file is missing'] : []),
    ...(uses.length === 0 ? ['unused'] : []),
    ...(asset.bytes > HEAVY ? ['heavy'] : []),
    ...(asset.media !== 'image/svg+xml' && asset.width > design.width * 2
      ? ['far wider than the screen']
      : []),
  ];
  return (
    <li className="flex items-center gap-2 py-1">
      <Preview asset={asset} />
      <div className="min-w-0 flex-1">
        <Field
          hidden
          label={`Name of ${asset.name}`}
          value={asset.name}
          read={(text) =>
            readName(
              text.slice(0, LONGEST_NAME + 1),
              taken.filter((other) => other.id !== asset.id).map((item) => item.name),
            )
          }
          onChange={(name) => edit('change asset', { asset: asset.id, change: { name } })}
        />
        <p className="truncate text-sm text-soft" title={uses.join(', ')}>
          {sizeWords(asset)}
          {asset.finer?.length ? `, also @${asset.finer.map((item) => `${item.scale}x`).join(', @')}` : ''}
          {uses.length > 0 &&
            ` · ${uses.slice(0, 2).join(', ')}${uses.length > 2 ? ` and ${uses.length - 2} more` : ''}`}
        </p>
        {faults.length > 0 && (
          <p className={`flex items-center gap-1 text-sm ${missing ? 'text-warn' : 'text-soft'}`}>
            <TriangleAlert size={12} aria-hidden="true" /> {faults.join(', ')}
          </p>
        )}
      </div>
      {isPicture(asset) && <CutSheet asset={asset} />}
      {isPicture(asset) && <PutOn asset={asset} onRefused={onRefused} />}
      <IconButton
        name={`Replace ${asset.name} by another file`}
        onClick={() =>
          void askFiles(
            asset.media.startsWith('font/') ? '.woff,.ttf,.otf' : asset.media.replace(/\/.*/, '/*'),
            false,
          ).then(async ([file]) => {
            const fault = file && (await replaceAsset(asset, file));
            if (fault) onRefused(fault);
          })
        }
      >
        <RefreshCw size={14} />
      </IconButton>
      <IconButton
        name={`Take ${asset.name} out of the project`}
        onClick={() => edit('delete assets', { assets: [asset.id] })}
      >
        <Trash2 size={14} />
      </IconButton>
    </li>
  );
}

function Preview({ asset }: { asset: Asset }) {
  const sources = useStudio((studio) => studio.sources);
  const word = sortWord(asset);
  const address = sources.asset(asset.id);
  return (
    <span className="flex size-11 shrink-0 items-center justify-center rounded border border-line bg-well">
      {word === 'picture' && address !== '' ? (
        <img src={address} alt="" className="max-h-10 max-w-10 object-contain" />
      ) : word === 'font' ? (
        <Type size={18} aria-hidden="true" />
      ) : (
        <FileAudio size={18} aria-hidden="true" />
      )}
    </span>
  );
}

/** Opens how a picture is cut into frames. */
function CutSheet({ asset }: { asset: Asset }) {
  const words = asset.sheet ? `${cellsOf(asset).length} frames` : 'frames';
  return (
    <Sheet
      label={`Frames of ${asset.name}`}
      trigger={
        <button
          type="button"
          aria-label={`${words} of ${asset.name}`}
          className="shrink-0 rounded px-1.5 py-0.5 text-sm text-soft hover:bg-chosen-wash"
        >
          {words}
        </button>
      }
    >
      <div className="p-3">
        <CutEditor asset={asset} />
      </div>
    </Sheet>
  );
}

/** Puts a picture on the chosen screen, or the groups of a drawing one by one. */
function PutOn({ asset, onRefused }: { asset: Asset; onRefused: (refused: Refused) => void }) {
  const screen = useStudio((studio) => studio.chosen.screen);
  if (screen === null) return null;
  return (
    <>
      <Small
        onClick={() => {
          const element = putPicture(screen, asset);
          if (element) choose({ screen, element });
        }}
      >
        add
      </Small>
      {asset.media === 'image/svg+xml' && (
        <IconButton
          name={`Add the groups of ${asset.name} as layers, or bring them up to date`}
          onClick={() => void bringGroups(asset, screen).then((refused) => refused && onRefused(refused))}
        >
          <Layers size={14} />
        </IconButton>
      )}
    </>
  );
}

function sizeWords({ media, width, height, bytes }: Asset): string {
  const kind = media.replace(/^.*\//, '').replace('svg+xml', 'svg').toUpperCase();
  const size =
    bytes < 1024
      ? `${bytes} B`
      : bytes < 1_048_576
        ? `${Math.round(bytes / 1024)} kB`
        : `${(bytes / 1_048_576).toFixed(1)} MB`;
  return `${kind}${media.startsWith('image/') ? `, ${width} × ${height}` : ''}, ${size}`;
}
