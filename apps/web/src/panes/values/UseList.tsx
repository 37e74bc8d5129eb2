'use client';

import { titleCase } from '@tavu/core/model';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { choose, chooseLink, useStudio } from '../../store';
import { IconButton } from '../../ui';
import { nameOfUse, type Use } from './uses';

export function Unfold({ open, name, onClick }: { open: boolean; name: string; onClick: () => void }) {
  return (
    <IconButton name={`${open ? 'Fold' : 'Unfold'} ${name}`} aria-expanded={open} small onClick={onClick}>
      {open ? <ChevronDown size={14} /> : <ChevronRight size={14} />}
    </IconButton>
  );
}

/** Where something is used; each leads there. */
export function UseList({ title, uses, none }: { title: string; uses: readonly Use[]; none: string }) {
  const project = useStudio((studio) => studio.project);
  return (
    <p>
      <span className="text-soft">{title} </span>
      {uses.length === 0 && <span className="text-soft">{none}</span>}
      {uses.map((use) => (
        <button
          key={`${use.screen} ${use.link}`}
          type="button"
          className="mr-1 rounded border border-line px-1.5 hover:bg-chosen-wash"
          onClick={() => (use.link ? chooseLink(use.link) : choose({ screen: use.screen }))}
        >
          {titleCase(nameOfUse(project, use))}
        </button>
      ))}
    </p>
  );
}
