'use client';

import type { BoxStyle, Id, TextStyle } from '@tavu/core/model';
import { wornSources } from '@tavu/core/paint';
import { inSkin } from '@tavu/core/style';
import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { useMemo } from 'react';
import { useSkin, useStudio } from '../store';
import { Picture } from '../ui';
import { SAMPLE, sampleOf } from './sample';

/** What a style looks like. */
export function StyleSample({ style, className = '' }: { style: TextStyle | BoxStyle; className?: string }) {
  const skin = useSkin((state) => state.worn);
  const written = useStudio((studio) => studio.project);
  const files = useStudio((studio) => studio.sources);
  const project = inSkin(written, skin);
  const sources = useMemo(() => wornSources({ project, skin }, files), [project, skin, files]);
  const { items, light } = sampleOf(project, style);
  return (
    <span
      className={`block overflow-hidden rounded-sm ${light ? 'bg-[#26323f]' : 'bg-[#e9eef2]'} ${className}`}
    >
      <Picture items={items} sources={sources} {...SAMPLE} className="block size-full" />
    </span>
  );
}

/** One of the project's shared styles, each shown as it looks. */
export function StyleChoice({
  label,
  value,
  styles,
  onChange,
}: {
  label: string;
  /** Undefined where several things differ. */
  value: Id | undefined;
  styles: readonly (TextStyle | BoxStyle)[];
  onChange: (style: Id) => void;
}) {
  const now = styles.find(({ id }) => id === value);
  return (
    <div>
      <span className="mb-0.5 block text-sm text-soft">{label}</span>
      <Select.Root value={value ?? ''} onValueChange={onChange}>
        <Select.Trigger
          aria-label={label}
          title={now?.name}
          className="flex w-full items-center gap-1.5 rounded border border-line bg-sheet p-1 text-left hover:bg-chosen-wash"
        >
          {now ? (
            <>
              <StyleSample style={now} className="h-9 w-45 shrink-0" />
              <span aria-hidden="true" className="min-w-0 flex-1 truncate text-sm">
                {now.name}
              </span>
            </>
          ) : (
            <span className="h-5 flex-1 text-soft">mixed</span>
          )}
          <span className="sr-only">
            <Select.Value placeholder="mixed">{now?.name}</Select.Value>
          </span>
          <Select.Icon>
            <ChevronDown size={13} aria-hidden="true" />
          </Select.Icon>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={4}
            collisionPadding={8}
            className="z-50 max-h-(--radix-select-content-available-height) w-72 rounded-lg border border-strong bg-sheet p-1 text-ink shadow-xl"
          >
            <Select.Viewport>
              {styles.map((style) => (
                <Select.Item
                  key={style.id}
                  value={style.id}
                  textValue={style.name}
                  className="flex cursor-pointer items-center gap-1.5 rounded p-1 outline-none data-highlighted:bg-chosen-wash data-highlighted:outline-2 data-highlighted:outline-chosen"
                >
                  <StyleSample style={style} className="h-9 w-45 shrink-0" />
                  <span className="min-w-0 flex-1 truncate text-sm" title={style.name}>
                    <Select.ItemText>{style.name}</Select.ItemText>
                  </span>
                  <Select.ItemIndicator>
                    <Check size={13} aria-hidden="true" />
                  </Select.ItemIndicator>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
    </div>
  );
}
