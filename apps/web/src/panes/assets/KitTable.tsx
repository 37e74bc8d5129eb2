'use client';

import { dressed, dressedInKit, type KitMatch } from '@tavu/core/style';
import { STATES, type Asset, type Element, type FacePicture, type Id, withId } from '@tavu/core/model';
import { ArrowRight } from 'lucide-react';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import type { Kit } from '../../assets';
import { PART_WORDS } from '../../elements';
import { addBytes, edit, useStudio } from '../../store';
import { firstSlice } from '../../styles';
import { Button, Dialog, Select } from '../../ui';

/** What is done with files that go by the name of something, to be confirmed line by line; all of it is one step. */
export function KitTable({ kit, onDone }: { kit: Kit; onDone: () => void }) {
  const project = useStudio((studio) => studio.project);
  const sources = useStudio((studio) => studio.sources);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [styles, setStyles] = useState<Record<Id, Id | null>>({});
  const fresh = useAddresses(kit);
  const takes = (key: string): boolean => !left.has(key);
  const turn = (key: string): void =>
    setLeft((now) =>
      now.has(key) ? new Set([...now].filter((other) => other !== key)) : new Set([...now, key]),
    );
  const styleOf = (match: KitMatch & { match: 'faces' }): Id | null => styles[match.normal] ?? match.style;
  const apply = (): void => {
    applyKit(kit, takes, styleOf);
    onDone();
  };
  return (
    <Dialog
      open
      onOpen={(open) => !open && (keepBoth(kit, stepOf(kit)), onDone())}
      title="Matched by name"
      width="max-w-2xl"
    >
      <ul aria-label="Matches" className="divide-y divide-line border-y border-line">
        {kit.newer.map(({ asset, old }) => (
          <Line
            key={asset.id}
            on={takes(asset.id)}
            onTurn={() => turn(asset.id)}
            name={`Replace ${old.name}`}
          >
            <Thumb address={sources.asset(old.id)} />
            <ArrowRight size={14} aria-hidden="true" className="shrink-0 text-soft" />
            <Thumb address={fresh.get(asset.id) ?? ''} />
            <span className="min-w-0 flex-1">
              Replace <b>{old.name}</b>
              <span className="block text-sm text-soft">{changeWords(old, asset)}</span>
            </span>
          </Line>
        ))}
        {kit.matches.map((match) => {
          const key = keyOf(match);
          if (match.match === 'part') {
            const count = controlsOf(match.type).length;
            const part = PART_WORDS[match.part].toLowerCase();
            const what = match.type === 'panel' ? 'panel with a scroll bar' : match.type;
            return (
              <Line key={key} on={takes(key)} onTurn={() => turn(key)} name={`${part} of every ${what}`}>
                <Thumb address={sources.asset(match.picture)} />
                <span>
                  The <b>{part}</b> of every {what}, {count} in all
                </span>
              </Line>
            );
          }
          const shown = STATES.flatMap((state) =>
            match.states[state] ? [[state, match.states[state]] as const] : [],
          );
          const name = withId(project.assets, match.normal)?.name ?? '';
          return (
            <Line key={key} on={takes(key)} onTurn={() => turn(key)} name={`Faces of ${name}`}>
              <Thumb address={sources.asset(match.normal)} />
              {shown.map(([state, id]) => (
                <Thumb key={state} address={sources.asset(id)} word={state} />
              ))}
              <span className="min-w-0 flex-1">
                {name}, {shown.map(([state]) => state).join(', ')}
              </span>
              <Select
                label={`The box style that ${name} is for`}
                value={styleOf(match) ?? ''}
                options={[
                  ['', 'no style'],
                  ...project.styles.box.map(({ id, name: called }) => [id, called] as const),
                ]}
                className="h-7 border border-line bg-sheet"
                onChange={(id) => setStyles((now) => ({ ...now, [match.normal]: id === '' ? null : id }))}
              />
            </Line>
          );
        })}
      </ul>
      <p className="mt-2 text-sm text-soft">
        {kit.newer.length > 0
          ? 'What is not ticked comes in beside what is there.'
          : 'What is not ticked stays among the assets.'}
      </p>
      <div className="mt-3 flex justify-end gap-2">
        <Button look="main" onClick={apply}>
          Apply what is ticked
        </Button>
      </div>
    </Dialog>
  );
}

const keyOf = (match: KitMatch): string =>
  match.match === 'faces' ? `faces ${match.normal}` : `part ${match.picture}`;

function Line({
  on,
  onTurn,
  name,
  children,
}: {
  on: boolean;
  onTurn: () => void;
  name: string;
  children: ReactNode;
}) {
  return (
    <li className="flex items-center gap-2 py-1.5">
      <input
        type="checkbox"
        aria-label={name}
        checked={on}
        onChange={onTurn}
        className="size-4 accent-chosen"
      />
      {children}
    </li>
  );
}

function Thumb({ address, word }: { address: string; word?: string }) {
  return (
    <span
      title={word}
      className="flex size-11 shrink-0 items-center justify-center rounded border border-line bg-well"
    >
      {address !== '' && <img src={address} alt={word ?? ''} className="max-h-10 max-w-10 object-contain" />}
    </span>
  );
}

function changeWords(old: Asset, by: Asset): string {
  const size = ({ width, height }: Asset): string => `${width} × ${height}`;
  const weight = ({ bytes }: Asset): string => `${Math.ceil(bytes / 1024)} kB`;
  const turned = (was: string, is: string): string => (was === is ? is : `${was} becomes ${is}`);
  const sizes = by.width > 0 ? [turned(size(old), size(by))] : [];
  return [...sizes, turned(weight(old), weight(by))].join(', ');
}

/** Addresses of files that are not in the project yet. */
function useAddresses({ newer }: Kit): ReadonlyMap<Id, string> {
  const made = useMemo(
    () =>
      new Map(
        newer.flatMap(({ asset, bytes }) =>
          asset.media.startsWith('image/')
            ? [[asset.id, URL.createObjectURL(new Blob([bytes as BlobPart], { type: asset.media }))] as const]
            : [],
        ),
      ),
    [newer],
  );
  useEffect(() => () => made.forEach((address) => URL.revokeObjectURL(address)), [made]);
  return made;
}

/** The key that makes all edits of one kit a single undo step. */
const stepOf = ({ newer: [first], matches }: Kit): string => `kit ${first?.asset.id ?? keyOf(matches[0]!)}`;

/** Brings files in under free names beside those they are namesakes of. */
function keepBoth({ newer }: Kit, key: string, but: (id: Id) => boolean = () => false): void {
  const kept = newer.filter(({ asset }) => !but(asset.id));
  if (kept.length === 0) return;
  addBytes(new Map(kept.map(({ asset, bytes }) => [asset.id, bytes])));
  edit('add assets', { assets: kept.map(({ asset }) => asset) }, { key });
}

function applyKit(
  kit: Kit,
  takes: (key: string) => boolean,
  styleOf: (match: KitMatch & { match: 'faces' }) => Id | null,
): void {
  const key = stepOf(kit);
  const replaced = kit.newer.filter(({ asset }) => takes(asset.id));
  addBytes(new Map(replaced.map(({ asset, bytes }) => [asset.id, bytes])));
  for (const { asset, old } of replaced) edit('replace asset', { asset: old.id, by: asset }, { key });
  keepBoth(kit, key, takes);
  for (const match of kit.matches) {
    if (!takes(keyOf(match))) continue;
    if (match.match === 'part') dressParts(match, key);
    else dressStyle(match, styleOf(match), key);
  }
}

function dressStyle({ normal, states }: KitMatch & { match: 'faces' }, id: Id | null, key: string): void {
  const { project } = useStudio.getState();
  const style = withId(project.styles.box, id);
  const asset = withId(project.assets, normal);
  if (!style || !asset) return;
  const had = typeof style.picture === 'object' ? style.picture : undefined;
  const picture: FacePicture = had
    ? { ...had, asset: asset.id }
    : { asset: asset.id, fit: 'slice', slice: firstSlice(asset) };
  const first = dressed(style, null, picture);
  const change = { ...first, ...dressedInKit({ ...style, ...first }, picture, states) };
  edit('change box style', { style: style.id, change }, { key });
}

/** The controls of a type on screens and in components, and where each is. */
function controlsOf(type: Element['type']): { owner: Id; element: Element }[] {
  const { screens, components = [] } = useStudio.getState().project;
  return [...screens, ...components].flatMap(({ id, elements }) =>
    elements
      .filter((element) => element.type === type && (element.type !== 'panel' || element.scrollBars))
      .map((element) => ({ owner: id, element })),
  );
}

function dressParts({ type, part, picture }: KitMatch & { match: 'part' }, key: string): void {
  const { project } = useStudio.getState();
  const asset = withId(project.assets, picture);
  const style = project.styles.box[0];
  if (!asset || !style) return;
  for (const { owner, element } of controlsOf(type)) {
    const { parts = {} } = element as { parts?: Record<string, object> };
    const look = { fill: '#00000000', border: '#00000000', borderWidth: 0 };
    const use = { style: style.id, ...look, ...parts[part], picture: { asset: asset.id, fit: 'stretch' } };
    const change = { parts: { ...parts, [part]: use } } as Partial<Element>;
    edit('change element', { screen: owner, element: element.id, change }, { key });
  }
}
