'use client';

import { labelOf } from '@tavu/core/elements/author';
import {
  Circle,
  AppWindow,
  BatteryMedium,
  Captions,
  ChevronsLeftRight,
  Joystick,
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
  Star,
  TextCursorInput,
  ToggleLeft,
  Type,
  UserRound,
} from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useStudio, TOOLS, type Tool, setView, useView } from '../store';
import { Check, IconButton, NumberField, Picker, Sheet, ThingRow } from '../ui';

const ICONS: Record<(typeof TOOLS)[number][0], ReactNode> = {
  button: <RectangleHorizontal size={16} />,
  text: <Type size={16} />,
  panel: <Square size={16} />,
  ellipse: <Circle size={16} />,
  shape: <Star size={16} />,
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
  stick: <Joystick size={16} />,
};

/** While held: what can be drawn on the screen, and what is seen while doing so. */
export function Tools() {
  const tool = useView((view) => view.tool);
  const arm = (next: Tool | null): void => setView({ tool: next });
  return (
    <div
      role="toolbar"
      aria-label="Put on the screen"
      className="flex h-10 shrink-0 items-center gap-0.5 overflow-hidden border-t border-line px-2"
    >
      <IconButton
        name="Choose and move"
        aria-pressed={tool === null}
        className={tool === null ? 'bg-chosen-wash' : ''}
        onClick={() => arm(null)}
      >
        <MousePointer2 size={15} />
      </IconButton>
      {TOOLS.map(([type, key], i) => (
        <IconButton
          key={type}
          name={`Draw: ${labelOf(type).toLowerCase()}`}
          keys={key}
          aria-pressed={tool === type}
          className={`${tool === type ? 'bg-live text-sheet' : ''} ${SHOWN.find(([first]) => i < first)![1]}`}
          onClick={() => arm(tool === type ? null : type)}
        >
          {ICONS[type]}
        </IconButton>
      ))}
      <More arm={arm} />
      <span className="mx-1 h-5 grow border-r border-line" />
      <Looking />
    </div>
  );
}

/** How many tools stand in the row at which width of Live; all of them stand under More, by their names. */
const SHOWN: readonly [number, string][] = [
  [4, ''],
  [7, 'hidden! @md:inline-flex!'],
  [11, 'hidden! @2xl:inline-flex!'],
  [Infinity, 'hidden! @5xl:inline-flex!'],
];

/** Everything that can be drawn, by its name and key. */
function More({ arm }: { arm: (next: Tool) => void }) {
  const components = useStudio((studio) => studio.project.components) ?? [];
  const [open, setOpen] = useState(false);
  const pick = (next: Tool): void => {
    setOpen(false);
    arm(next);
  };
  return (
    <Sheet
      label="Draw something else"
      open={open}
      onOpen={setOpen}
      trigger={
        <button type="button" className="h-7 shrink-0 rounded-md px-2 hover:bg-chosen-wash">
          More …
        </button>
      }
    >
      {open && (
        <Picker
          label="Draw something else"
          placeholder="A button, a text, a component"
          choices={[
            ...TOOLS.map(([type, key]) => ({
              key: type,
              words: labelOf(type),
              label: labelOf(type),
              hint: key,
              onPick: () => pick(type),
            })),
            ...components.map(({ id, name }) => ({
              key: id,
              words: name,
              label: name,
              hint: 'component',
              onPick: () => pick({ component: id }),
            })),
          ]}
        />
      )}
    </Sheet>
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
      className={`hidden! @lg:inline-flex! ${view[key] ? 'bg-chosen-wash' : ''}`}
      onClick={() => setView({ [key]: !view[key] })}
    >
      {icon}
    </IconButton>
  );
  const check = (words: string, key: 'snapping' | 'gridShown' | 'marginShown' | 'marks' | 'arrows') => (
    <Check on={view[key]} className="flex! py-0.5" onChange={(on) => setView({ [key]: on })}>
      {words}
    </Check>
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
            aria-label="Align and reference"
            title="Align and reference"
            className={`inline-flex h-7 shrink-0 items-center gap-1 rounded-md px-1.5 hover:bg-chosen-wash ${view.sibling ? 'bg-chosen-wash font-semibold' : ''}`}
          >
            <Hand size={14} aria-hidden="true" />
            <span className="hidden @3xl:inline">Align and reference</span>
          </button>
        }
      >
        <div className="space-y-2 p-3">
          <div>
            {check('Snap to edges and centres', 'snapping')}
            {check('Show the grid', 'gridShown')}
            {check(`Show the safe margin, ${margin} %`, 'marginShown')}
            {check('Show guides and outlines', 'marks')}
            {check('Show focus arrows', 'arrows')}
          </div>
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
