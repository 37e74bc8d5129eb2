'use client';

import { editorOfTrigger } from '../../triggers';
import { triggerLabel } from '@tavu/core/triggers/author';

import { CARD, type MapLine, type MapPlan, type Point } from '@tavu/core/map';
import type { Id, Link, Project } from '@tavu/core/model';
import { isException } from '@tavu/core/motion';
import { sentenceText } from '@tavu/core/words';
import { Waves } from 'lucide-react';
import { memo } from 'react';
import { useRun } from '../../run';
import { chooseLink, useStudio } from '../../store';

/** The links as lines, each with what sets it off. */
export const Lines = memo(function Lines({
  project,
  lines,
  plan,
  dragged,
  far,
  onFollow,
}: {
  project: Project;
  lines: MapLine[];
  plan: MapPlan;
  dragged: { from: Point; to: Point } | null;
  /** Seen from so far that labels cannot be read. */
  far: boolean;
  /** Shows where a stub leads. */
  onFollow: (to: Id) => void;
}) {
  const byId = new Map(project.links.map((link) => [link.id, link]));
  const cards = new Map(plan.cards.map((card) => [card.id, card]));
  const layer = 'pointer-events-none absolute top-0 left-0 overflow-visible';
  return (
    <>
      <svg className={layer} width={plan.width} height={plan.height} aria-hidden="true">
        <defs>
          {(['line', 'live', 'chosen'] as const).map((name) => (
            <marker
              key={name}
              id={`tip-${name}`}
              viewBox="0 0 8 8"
              refX="7"
              refY="4"
              markerWidth="7"
              markerHeight="7"
              orient="auto-start-reverse"
            >
              <path d="M0 0 L8 4 L0 8 Z" fill={COLOURS[name]} />
            </marker>
          ))}
        </defs>
        {lines.map((line) => (
          <Line key={line.key} line={line} />
        ))}
      </svg>
      {/* Over the cards only where a line sets out from its control; elsewhere it runs beneath them. */}
      <svg className={`${layer} z-20`} width={plan.width} height={plan.height} aria-hidden="true">
        {lines.map((line) => {
          const card = cards.get(line.from);
          if (!card) return null;
          const id = `from-${line.key.replace(/[^\w-]/g, '_')}`;
          return (
            <g key={line.key} clipPath={`url(#${id})`}>
              <clipPath id={id}>
                <rect x={card.x} y={card.y} width={CARD.width} height={CARD.height} />
              </clipPath>
              <Line line={line} />
            </g>
          );
        })}
        {dragged && (
          <path
            d={`M${dragged.from.x} ${dragged.from.y} L${dragged.to.x} ${dragged.to.y}`}
            stroke="var(--chosen)"
            strokeWidth={2.5}
            strokeDasharray="6 4"
            fill="none"
            markerEnd="url(#tip-chosen)"
          />
        )}
      </svg>
      {(far ? [] : lines).map((line) => (
        <Label
          key={line.key}
          project={project}
          line={line}
          links={line.links.map((id) => byId.get(id)!).filter(Boolean)}
          onFollow={onFollow}
        />
      ))}
    </>
  );
});

const COLOURS = { line: 'var(--line-strong)', live: 'var(--live)', chosen: 'var(--chosen)' };

function useTone(line: MapLine): keyof typeof COLOURS {
  const chosen = useStudio((studio) => line.links.includes(studio.chosen.link ?? ''));
  const live = useRun((run) => line.links.includes(run.lastLink ?? ''));
  return chosen ? 'chosen' : live ? 'live' : 'line';
}

function Line({ line }: { line: MapLine }) {
  const tone = useTone(line);
  const { start, bends, end } = line;
  return (
    <g>
      <path
        d={`M${start.x} ${start.y} C${bends[0].x} ${bends[0].y} ${bends[1].x} ${bends[1].y} ${end.x} ${end.y}`}
        fill="none"
        stroke={COLOURS[tone]}
        strokeWidth={tone === 'line' ? 1.6 : 2.6}
        strokeDasharray={line.dashed ? '5 4' : undefined}
        markerEnd={`url(#tip-${tone})`}
        className="transition-[stroke] duration-500"
      />
      <circle cx={start.x} cy={start.y} r={2.6} fill={COLOURS[tone]} />
    </g>
  );
}

function Label({
  project,
  line,
  links,
  onFollow,
}: {
  project: Project;
  line: MapLine;
  links: Link[];
  onFollow: (to: Id) => void;
}) {
  const tone = useTone(line);
  const first = links[0];
  if (!first) return null;
  const name =
    tone === 'live'
      ? 'border-live font-bold text-live'
      : tone === 'chosen'
        ? 'border-chosen font-bold text-chosen'
        : 'border-line text-ink';
  const whole = (
    <button
      type="button"
      data-stays
      tabIndex={-1}
      aria-label={links.map((link) => sentenceText(project, link)).join(' ')}
      className={`flex max-w-28 items-center gap-1 rounded border bg-sheet px-1 text-xs leading-4 whitespace-nowrap hover:border-chosen ${name}`}
      onClick={() => chooseLink(first.id)}
    >
      {links.slice(0, 3).map((link) => (
        <TriggerMark key={link.id} project={project} link={link} />
      ))}
    </button>
  );
  return (
    <span
      className="absolute z-20 flex -translate-1/2 items-center"
      style={{ left: line.label.x, top: line.label.y }}
    >
      {whole}
      {line.stub !== null && (
        <button
          type="button"
          data-stays
          tabIndex={-1}
          aria-label={`Follow to ${line.stub}`}
          title={`Follow to ${line.stub}`}
          className="max-w-28 truncate rounded-r border border-l-0 border-line bg-sheet px-1 text-xs leading-4 whitespace-nowrap hover:border-chosen hover:text-chosen"
          onClick={() => onFollow(line.to)}
        >
          → {line.stub}
        </button>
      )}
    </span>
  );
}

function TriggerMark({ project, link }: { project: Project; link: Link }) {
  if (!isException(project, link)) return <TriggerWord project={project} link={link} />;
  return (
    <span className="flex min-w-0 items-center gap-0.5">
      <TriggerWord project={project} link={link} />
      <Waves size={10} role="img" aria-label="own motion" className="shrink-0" />
    </span>
  );
}

function TriggerWord({ project, link }: { project: Project; link: Link }) {
  const label = triggerLabel(project, link.from, link.trigger);
  const { Mark } = editorOfTrigger(link.trigger);
  return Mark ? (
    <Mark project={project} trigger={link.trigger} label={label} />
  ) : (
    <span className="truncate">{label}</span>
  );
}
