'use client';

import { PanelLeftClose } from 'lucide-react';
import dynamic from 'next/dynamic';
import { Tabs } from 'radix-ui';
import { IconButton } from '../ui';
import { arrange, turnDivider, useArrangement, type Pane as PaneName, type Rest } from './arrangement';
import { Boundary } from './Boundary';
import { PANES } from './panes';

const ScreenList = dynamic(() => import('../panes/map/ScreenList').then((module) => module.ScreenList));

/** The divider's next position, on its button. */
const NEXT: Record<Rest, string> = { 'map wide': 'Even', even: 'Live wide', 'live wide': 'Map wide' };

/** The pane that is chosen by its tab; a narrow list of screens while Live has the room. */
export function LeftPane() {
  const { rest, pane } = useArrangement();
  const { title, Pane } = PANES[pane];
  const narrow = rest === 'live wide';
  return (
    <Tabs.Root
      value={pane}
      onValueChange={(next) => arrange({ pane: next as PaneName })}
      className="flex min-h-0 min-w-0 flex-col border-r border-line"
    >
      <div className="@container flex h-8.5 shrink-0 items-center border-b border-line bg-sheet px-2.5">
        {narrow ? (
          <h2 className="border-b-3 border-chosen pt-0.75 leading-7 font-bold">Screens</h2>
        ) : (
          <PaneTabs />
        )}
        <span className="grow" />
        <IconButton name={NEXT[rest]} keys="Ctrl \" onClick={turnDivider}>
          <PanelLeftClose size={15} />
        </IconButton>
      </div>
      <Tabs.Content value={pane} tabIndex={-1} className="flex min-h-0 flex-1 flex-col">
        <Boundary
          key={narrow ? 'list' : pane}
          name={narrow ? 'The list of screens' : `The ${title.toLowerCase()}`}
        >
          {narrow ? <ScreenList /> : <Pane />}
        </Boundary>
      </Tabs.Content>
    </Tabs.Root>
  );
}

/** What the left pane can show, with the arrow keys between them. */
const PaneTabs = () => (
  <Tabs.List
    aria-label="Left pane"
    className="flex gap-1.5 text-sm @min-[370px]:gap-3 @min-[370px]:text-base"
  >
    {Object.entries(PANES).map(([name, { title }]) => (
      <Tabs.Trigger
        key={name}
        value={name}
        className="border-b-3 border-transparent pt-0.75 leading-7 text-soft hover:text-ink data-[state=active]:border-chosen data-[state=active]:font-bold data-[state=active]:text-ink"
      >
        {title}
      </Tabs.Trigger>
    ))}
  </Tabs.List>
);
