'use client';

import { labelOf } from '@tavu/core/elements/author';
import {
  Circle,
  AppWindow,
  BatteryMedium,
  Captions,
  ChevronsLeftRight,
  Keyboard,
  KeySquare,
  Move,
  Grid3x3,
  Hand,
  Image,
  Link2,
  List,
  Magnet,
  MessageSquare,
  MousePointer2,
  Pointer,
  RectangleHorizontal,
  ScanEye,
  SlidersHorizontal,
  Square,
  SquareDashed,
  TextCursorInput,
  ToggleLeft,
  Type,
  UserRound,
} from 'lucide-react';
import type { ReactNode } from 'react';
import { useStudio, TOOLS, type Tool, setView, useView } from '../store';
import { IconButton, NumberField, Sheet, ThingRow } from '../ui';

const ICONS: Record<(typeof TOOLS)[number][0], ReactNode> = {
  button: <RectangleHorizontal size={16} />,
  text: <Type size={16} />,
  panel: <Square size={16} />,
  ellipse: <Circle size={16} />,
  picture: <Image size={16} />,
  switch: <ToggleLeft size={16} />,
  slider: <SlidersHorizontal size={16} />,
  choice: <ChevronsLeftRight size={16} />,
  tabs: <AppWindow size={16} />,
  list: <List size={16} />,
  progress: <BatteryMedium size={16} />,
  entry: <TextCursorInput size={16} />,
  portrait: <UserRound size={16} />,
  bubble: <MessageSquare size={16} />,
  spoken: <Captions size={16} />,
  prompt: <Keyboard size={16} />,
  binding: <KeySquare size={16} />,
  address: <Link2 size={16} />,
  touch: <Pointer size={16} />,
};

/** While held: what can be drawn on the screen, and what is seen while doing so. */
export function Tools() {
  const tool = useView((view) => view.tool);
  const components = useStudio((studio) => studio.project.components) ?? [];
  const arm = (next: Tool | null): void => setView({ tool: next });
  return (
    <div
      role="toolbar"
      aria-label="Put on the screen"
      className="flex shrink-0 flex-wrap items-center gap-0.5 border-b border-line px-2.5 py-1"
    >
      <IconButton
        name="Choose and move"
        aria-pressed={tool === null}
        className={tool === null ? 'bg-chosen-wash' : ''}
        onClick={() => arm(null)}
      >
        <MousePointer2 size={15} />
      </IconButton>
      {TOOLS.map(([type, key]) => (
        <IconButton
          key={type}
          name={`Draw: ${labelOf(type).toLowerCase()}`}
          keys={key}
          aria-pressed={tool === type}
          className={tool === type ? 'bg-live text-sheet' : ''}
          onClick={() => arm(tool === type ? null : type)}
        >
          {ICONS[type]}
        </IconButton>
      ))}
      {components.length > 0 && (
        <select
          aria-label="Draw a component"
          value=""
          className="h-7 max-w-28 rounded border border-line bg-sheet"
          onChange={(event) => arm({ component: event.target.value })}
        >
          <option value="">component …</option>
          {components.map((component) => (
            <option key={component.id} value={component.id}>
              {component.name}
            </option>
          ))}
        </select>
      )}
      <span className="grow" />
      <Looking />
    </div>
  );
}

/** Marks, grid, margin, snapping, and a sibling screen behind. */
function Looking() {
  const view = useView();
  const margin = useStudio((studio) => studio.project.design.margin);
  const screens = useStudio((studio) => studio.project.screens);
  const chosen = useStudio((studio) => studio.chosen.screen);
  const toggle = (
    name: string,
    key: 'snapping' | 'gridShown' | 'marginShown' | 'marks' | 'arrows',
    icon: ReactNode,
  ) => (
    <IconButton
      name={name}
      aria-pressed={view[key]}
      className={view[key] ? 'bg-chosen-wash' : ''}
      onClick={() => setView({ [key]: !view[key] })}
    >
      {icon}
    </IconButton>
  );
  return (
    <>
      {toggle('Snap to edges and centres', 'snapping', <Magnet size={15} />)}
      {toggle('Grid', 'gridShown', <Grid3x3 size={15} />)}
      {toggle(`Safe margin, ${margin} %`, 'marginShown', <SquareDashed size={15} />)}
      {toggle('Guides and outlines', 'marks', <ScanEye size={15} />)}
      {toggle('Focus arrows', 'arrows', <Move size={15} />)}
      <Sheet
        label="Align and reference"
        trigger={
          <button
            type="button"
            className={`inline-flex h-7 items-center gap-1 rounded-md px-1.5 hover:bg-chosen-wash ${view.sibling ? 'bg-chosen-wash font-semibold' : ''}`}
          >
            <Hand size={14} aria-hidden="true" /> Align and reference
          </button>
        }
      >
        <div className="space-y-2 p-3">
          <ThingRow
            label="Reference screen"
            value={view.sibling}
            none="none"
            things={screens.filter((screen) => screen.id !== chosen)}
            onChange={(id) => setView({ sibling: id ?? null })}
          />
          <NumberField
            label="Opacity of the reference screen"
            unit="%"
            value={view.faint * 100}
            min={5}
            max={95}
            onChange={(percent) => setView({ faint: percent / 100 })}
          />
          <NumberField
            label="Grid"
            unit="px"
            value={view.grid}
            min={1}
            max={500}
            onChange={(grid) => setView({ grid: Math.round(grid) })}
          />
        </div>
      </Sheet>
    </>
  );
}
