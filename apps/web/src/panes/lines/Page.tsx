'use client';

import { findingsOfTalk, findingsTranslated, type Finding } from '@tavu/core/check';
import type { Flow } from '@tavu/core/compile';
import { type Id, type Said, type Step, withId } from '@tavu/core/model';
import { useVirtualizer } from '@tanstack/react-virtual';
import { GripVertical, Play } from 'lucide-react';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { notify, useStudio } from '../../store';
import { Picker, Sheet } from '../../ui';
import { chooseStep, setLines, useLines, type Owner } from './chosen';
import { freshStep, NEEDS, STEP_HINTS, STEP_ICONS, STEP_WORDS, stepWords } from './kinds';
import { LineRow } from './LineRow';
import { LateRow, OptionRow } from './OptionRow';
import { OtherRow } from './OtherRow';
import { gripKeys, pageKeys, play, stepAway } from './pageKeys';
import { addLine, addStep, insteadOf, pickTo } from './put';
import { found, rowsOf, sameRow, type PageRow } from './rows';
import { useSettled } from './settled';

/** Steps that are played from. */
const SPOKEN: ReadonlySet<string> = new Set(['line', 'choice', 'routine']);
const NO_FINDINGS: readonly Finding[] = [];

/** A conversation or routine as a page: one row a step, written from the keyboard. Only what is in view is drawn. */
export function Page({ owner }: { owner: Owner }) {
  const rows = useMemo(() => rowsOf(owner.steps), [owner.steps]);
  const find = useLines((lines) => lines.find);
  const speakers = useStudio((studio) => studio.project.speakers);
  const hits = useMemo(
    () => found(rows, find, (id) => withId(speakers, id)?.name ?? ''),
    [rows, find, speakers],
  );
  const flow = useStudio((studio) => studio.flow);
  const now = useMemo(() => ({ owner, flow }), [owner, flow]);
  const settled = useSettled(now);
  // While typing, only the edited row is drawn anew.
  const calm = settled.owner.id === owner.id ? settled : now;
  const findings = useFindings(calm.flow, owner.id);
  const step = useLines((lines) => lines.step);
  const frame = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => frame.current,
    estimateSize: (i) => (rows[i]?.row === 'step' && 'text' in (rows[i] as { step: Step }).step ? 62 : 36),
    getItemKey: (i) => rows[i]!.key,
    overscan: 6,
  });
  const wanted = useLines((lines) => lines.wanted?.id);
  const wantedAt = wanted === undefined ? -1 : rows.findIndex((row) => row.id === wanted);
  useEffect(() => {
    if (wantedAt >= 0) list.scrollToIndex(wantedAt, { align: 'auto' });
  }, [wantedAt, list]);
  const places = useMemo(() => rows.flatMap((row, i) => (hits.has(row.id) ? [i] : [])), [rows, hits]);
  const hit = useLines((lines) => lines.hit);
  const looked = places.length === 0 ? -1 : places[((hit % places.length) + places.length) % places.length]!;
  const lookedId = looked < 0 ? null : rows[looked]!.id;
  useEffect(() => {
    if (looked >= 0) list.scrollToIndex(looked, { align: 'center' });
  }, [looked, list]);
  return (
    <div
      ref={frame}
      className="min-h-0 flex-1 overflow-auto pb-24"
      onKeyDown={(event) => pageKeys(event, owner)}
    >
      <ol
        aria-label={`Steps of ${owner.name}`}
        className="relative w-full"
        style={{ height: list.getTotalSize() }}
      >
        {list.getVirtualItems().map((item) => {
          const row = rows[item.index]!;
          return (
            <li
              key={item.key}
              ref={list.measureElement}
              data-index={item.index}
              aria-setsize={rows.length}
              aria-posinset={item.index + 1}
              className="absolute inset-x-0"
              style={{ transform: `translateY(${item.start}px)` }}
            >
              <Row
                {...(row.id === step ? now : calm)}
                row={row}
                hit={hits.has(row.id) ? (row.id === lookedId ? 'looked' : 'hit') : null}
                findings={findings.get(row.key) ?? NO_FINDINGS}
              />
            </li>
          );
        })}
      </ol>
      <AddStep owner={owner} />
    </div>
  );
}

/** What is wrong with each step, in every language. */
function useFindings(flow: Flow, id: Id): ReadonlyMap<string, readonly Finding[]> {
  return useMemo(() => {
    const conversation = withId(flow.project.conversations, id);
    const byKey = new Map<string, Finding[]>();
    if (!conversation) return byKey;
    const known = new Set(rowsOf(conversation.steps).map((row) => row.key));
    for (const finding of [
      ...findingsOfTalk(flow, conversation),
      ...findingsTranslated(flow.project, conversation),
    ]) {
      // Findings inside a routine are shown at the step that calls it.
      let key = finding.where.step ?? '';
      while (key !== '' && !known.has(key)) key = key.slice(0, Math.max(0, key.lastIndexOf(' ')));
      byKey.set(key, [...(byKey.get(key) ?? []), finding]);
    }
    return byKey;
  }, [flow, id]);
}

interface RowProps {
  owner: Owner;
  flow: Flow;
  row: PageRow;
  hit: 'hit' | 'looked' | null;
  findings: readonly Finding[];
}

const Row = memo(
  OneRow,
  (a, b) =>
    a.owner === b.owner &&
    a.flow === b.flow &&
    a.hit === b.hit &&
    a.findings === b.findings &&
    sameRow(a.row, b.row),
);

function OneRow({ owner, flow, row, hit, findings }: RowProps) {
  const onStepAway = (by: -1 | 1): void => stepAway(owner, row.key, by);
  const chosen = useLines((lines) => lines.step === row.id);
  const picked = useLines((lines) => lines.picked.includes(row.id));
  const look = hit
    ? `bg-warn-wash ${hit === 'looked' ? 'outline-2 -outline-offset-2 outline-warn' : ''}`
    : picked
      ? 'bg-chosen-wash outline outline-chosen'
      : chosen
        ? 'bg-chosen-wash'
        : '';
  return (
    <div
      className={`grid grid-cols-[30px_minmax(0,1fr)] border-b border-line py-1 pr-2 ${look}`}
      style={{ paddingLeft: row.depth * 14 }}
    >
      {row.row === 'step' ? <Grip owner={owner} row={row} onStepAway={onStepAway} /> : <span />}
      {row.row === 'option' ? (
        <OptionRow owner={owner} row={row} onStepAway={onStepAway} />
      ) : row.row === 'late' ? (
        <LateRow owner={owner} wait={row.wait} />
      ) : 'text' in row.step ? (
        <Line
          owner={owner}
          flow={flow}
          row={row}
          step={row.step}
          findings={findings}
          onStepAway={onStepAway}
        />
      ) : (
        <OtherRow owner={owner} flow={flow} step={row.step} stepKey={row.key} findings={findings} />
      )}
    </div>
  );
}

function Line({
  owner,
  flow,
  row,
  step,
  findings,
  onStepAway,
}: Omit<RowProps, 'hit'> & { step: Step & Said; onStepAway: (by: -1 | 1) => void }) {
  const [asks, setAsks] = useState(false);
  return (
    <Sheet
      label="Another step"
      open={asks}
      onOpen={setAsks}
      anchor={
        <div>
          <LineRow
            owner={owner}
            flow={flow}
            step={step}
            stepKey={row.key}
            findings={findings}
            onStepAway={onStepAway}
            onSlash={() => setAsks(true)}
          />
        </div>
      }
    >
      {asks && (
        <StepPicker
          owner={owner}
          speaker={step.speaker}
          onPick={(made) => {
            setAsks(false);
            insteadOf(owner, step.id, made);
          }}
        />
      )}
    </Sheet>
  );
}

/** What to hold a step by: chosen, moved, copied and taken out with its keys. */
function Grip({
  owner,
  row,
  onStepAway,
}: {
  owner: Owner;
  row: PageRow & { row: 'step' };
  onStepAway: (by: -1 | 1) => void;
}) {
  const { id } = row;
  const words = 'text' in row.step ? row.step.text.slice(0, 40) : '';
  return (
    <span className="flex flex-col items-center">
      <button
        type="button"
        data-grip={id}
        aria-label={`${stepWords(row.step)} ${row.n}${words ? `: ${words}` : ''}`}
        title={`Step ${row.n}: Shift chooses several, Alt and arrows move, Delete takes out`}
        className="flex h-6 w-7 items-center justify-center rounded font-mono text-xs text-soft hover:bg-chosen-wash"
        onFocus={() => chooseStep(id)}
        onClick={(event) => {
          const { step } = useLines.getState();
          if (event.shiftKey && step !== null) pickTo(owner, step, id);
          else setLines({ picked: [id], step: id });
        }}
        onKeyDown={(event) => gripKeys(event, owner, id, onStepAway)}
      >
        <GripVertical size={10} aria-hidden="true" />
        {row.n}
      </button>
      {'screen' in owner && SPOKEN.has(row.step.step) && (
        <button
          type="button"
          tabIndex={-1}
          aria-label={`Play from line ${row.n}`}
          title="Play from here"
          className="flex size-6 items-center justify-center rounded text-soft hover:bg-chosen-wash hover:text-live"
          onClick={() => play(owner, row.key)}
        >
          <Play size={11} aria-hidden="true" />
        </button>
      )}
    </span>
  );
}

/** Adds to the end of the page. */
function AddStep({ owner }: { owner: Owner }) {
  const [open, setOpen] = useState(false);
  const last = owner.steps.at(-1);
  const speaker = useStudio((studio) => studio.project.speakers?.[0]?.id ?? null);
  const said = [...owner.steps].reverse().find((step) => step.step === 'line');
  const who = said && 'speaker' in said ? said.speaker : speaker;
  return (
    <div className="flex gap-2 px-8 py-2">
      <button type="button" className="blank" onClick={() => addLine(owner, last?.id ?? null, who)}>
        A line
      </button>
      <Sheet
        label="Another step"
        open={open}
        onOpen={setOpen}
        trigger={
          <button type="button" className="blank">
            Another step …
          </button>
        }
      >
        {open && (
          <StepPicker
            owner={owner}
            speaker={who}
            onPick={(made) => {
              setOpen(false);
              addStep(owner, made, last?.id ?? null);
            }}
          />
        )}
      </Sheet>
    </div>
  );
}

/** What sort of step; typing filters. */
function StepPicker({
  owner,
  speaker,
  onPick,
}: {
  owner: Owner;
  speaker: Id | null;
  onPick: (step: Step) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const screen = 'screen' in owner ? owner.screen : null;
  const kinds = (Object.keys(STEP_WORDS) as (keyof typeof STEP_WORDS)[]).filter(
    (what) => 'screen' in owner || what !== 'conversation',
  );
  return (
    <Picker
      label="What sort of step"
      placeholder="Pause, choice, wait …"
      choices={kinds.map((what) => ({
        key: what,
        words: `${STEP_WORDS[what]} ${what} ${STEP_HINTS[what]}`,
        label: (
          <span className="flex items-center gap-2">
            {STEP_ICONS[what]} {STEP_WORDS[what]}
          </span>
        ),
        hint: STEP_HINTS[what],
        onPick: () => {
          const made = freshStep(project, what, { speaker, screen });
          if (made) onPick(made);
          else notify(NEEDS[what] ?? 'There is nothing it could name yet.');
        },
      }))}
    />
  );
}
