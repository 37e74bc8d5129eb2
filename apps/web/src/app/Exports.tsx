'use client';

import { exportsOf, type ExportName } from '@tavu/core/exchange';
import { FileDown, Share } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { saveOpen } from './saveOpen';

/** All that the project can be saved as, in a menu. */
export function Exports() {
  return exportsOf('project').map(([name, { title, about, plays }]) => (
    <DropdownMenu.Item
      key={name}
      onSelect={() => void saveOpen(name as ExportName)}
      className="flex cursor-pointer items-start gap-2.5 rounded px-2.5 py-1.5 outline-none data-[highlighted]:bg-chosen-wash"
    >
      <span className="pt-0.5">{plays ? <Share size={16} /> : <FileDown size={16} />}</span>
      <span>
        <span className="block font-semibold">{title}</span>
        <span className="block text-sm text-soft">{about}</span>
      </span>
    </DropdownMenu.Item>
  ));
}
