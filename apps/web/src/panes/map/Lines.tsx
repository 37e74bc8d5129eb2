'use client';

import { type MapLine, type MapPlan, type Point } from '@tavu/core/map';
import { withId, type Id, type Link, type Project } from '@tavu/core/model';
import { isException } from '@tavu/core/motion';
import { triggerLabel } from '@tavu/core/triggers/author';
import { sentenceText } from '@tavu/core/words';
import { RotateCw, Waves } from 'lucide-react';
import { memo } from 'react';
import { useRun } from '../../run';
import { chooseLink, useStudio } from '../../store';
import { editorOfTrigger } from '../../triggers';
import { pointAtLine, usePointedAt } from './pointedAt';
import { rounded } from './rounded';

/** The links in the streets between the cards, each with what sets it off. */
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
  const layer = 'pointer-events-none absolute top-0 left-0 overflow-visible';
  const size = { width: plan.width, height: plan.height, 'aria-hidden': true } as const;
  return (
    <>
      <svg className={layer} {...size}>
        <defs>
          {Object.entries(COLOURS).map(([name, colour]) => (
            <marker
              key={name}
              id={`tip-${name}`}
              viewBox="0 0 8 8"
              refX="7"
              refY="4"
              markerWidth="8"
              markerHeight="8"
              markerUnits="userSpaceOnUse"
              orient="auto"
            >
              <path d="M0 0.5 L8 4 L0 7.5 Z" fill={colour} />
            </marker>
          ))}
        </defs>
        {lines.map((line) => (
          <Quiet key={line.key} line={line} />
        ))}
      </svg>
      {/* What is asked for lies over the cards, so that it is seen from its control on. */}
      <svg className={`${layer} z-20`} {...size}>
        {lines.map((line) => (
          <Strong key={line.key} line={line} />
        ))}
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
        <Label key={line.key} project={project} line={line} onFollow={onFollow} />
      ))}
    </>
  );
});

const COLOURS = { quiet: 'var(--way)', near: 'var(--ink)', live: 'var(--live)', chosen: 'var(--chosen)' };

/** Links are quiet until one asks: by choosing one or its card, by pointing, or by playing. */
function useTone(line: MapLine): keyof typeof COLOURS {
  const touches = (id: Id | null): boolean => id !== null && (line.from === id || line.to === id);
  const chosen = useStudio(({ chosen: { link, screen } }) =>
    link !== null && line.links.includes(link) ? 2 : link === null && touches(screen) ? 1 : 0,
  );
  const live = useRun((run) => line.links.includes(run.lastLink ?? ''));
  const pointed = usePointedAt(({ card, line: key }) => key === line.key || (key === null && touches(card)));
  return chosen === 2 ? 'chosen' : live ? 'live' : chosen === 1 || pointed ? 'near' : 'quiet';
}

const DASHES = '5 4';

const Quiet = memo(function Quiet({ line }: { line: MapLine }) {
  if (line.path.length === 0) return null;
  return (
    <path
      d={rounded(line.path)}
      fill="none"
      stroke={COLOURS.quiet}
      strokeWidth={1.3}
      vectorEffect="non-scaling-stroke"
      strokeDasharray={line.dashed ? DASHES : undefined}
      markerEnd="url(#tip-quiet)"
    />
  );
});

const Strong = memo(function Strong({ line }: { line: MapLine }) {
  const tone = useTone(line);
  if (tone === 'quiet') return null;
  const way = [...line.lead, ...line.path];
  const [first] = way;
  if (!first) return null;
  const look = {
    d: rounded(way),
    fill: 'none',
    strokeDasharray: line.dashed ? DASHES : undefined,
  };
  return (
    <g data-way={line.key}>
      <path {...look} stroke="var(--sheet)" strokeOpacity={0.8} strokeWidth={5} />
      <path
        {...look}
        stroke={COLOURS[tone]}
        strokeWidth={tone === 'near' ? 1.8 : 2.6}
        markerEnd={line.path.length > 0 ? `url(#tip-${tone})` : undefined}
      />
      {line.lead.length > 0 && <circle cx={first.x} cy={first.y} r={3} fill={COLOURS[tone]} />}
    </g>
  );
});

const LABEL_LOOK = {
  quiet: 'border-line text-ink',
  near: 'border-strong text-ink',
  live: 'border-live font-bold text-live',
  chosen: 'border-chosen font-bold text-chosen',
};

const Label = memo(function Label({
  project,
  line,
  onFollow,
}: {
  project: Project;
  line: MapLine;
  onFollow: (to: Id) => void;
}) {
  const tone = useTone(line);
  const links = line.links.flatMap((id) => withId(project.links, id) ?? []);
  const [first] = links;
  if (!first) return null;
  const words = links.map((link) => sentenceText(project, link)).join(' ');
  const { x, y, width, height } = line.label;
  const toRight = line.path.length > 2 && line.path[1]!.x > x;
  const straight = line.path.length === 2;
  return (
    <span
      className={`absolute z-20 flex items-center ${toRight ? 'justify-end' : straight ? 'justify-center' : ''}`}
      style={{ left: x, top: y, width, height }}
      onPointerEnter={() => pointAtLine(line.key)}
      onPointerLeave={() => pointAtLine(null)}
    >
      <button
        type="button"
        data-stays
        tabIndex={-1}
        aria-label={words}
        title={words}
        className={`flex max-w-full min-w-5 shrink items-center gap-1 border bg-sheet px-1 text-xs leading-4 whitespace-nowrap hover:border-chosen ${line.stub === null ? 'rounded' : 'rounded-l'} ${LABEL_LOOK[tone]}`}
        onClick={() => chooseLink(first.id)}
      >
        {links.slice(0, 3).map((link) => (
          <TriggerMark key={link.id} project={project} link={link} />
        ))}
        {line.from === line.to && (
          <RotateCw size={10} role="img" aria-label="itself again" className="shrink-0" />
        )}
      </button>
      {line.stub !== null && line.from !== line.to && (
        <button
          type="button"
          data-stays
          tabIndex={-1}
          aria-label={`Follow to ${line.stub}`}
          title={`Follow to ${line.stub}`}
          className="max-w-[60%] min-w-8 truncate rounded-r border border-l-0 border-line bg-sheet px-1 text-xs leading-4 whitespace-nowrap hover:border-chosen hover:text-chosen"
          onClick={() => onFollow(line.to)}
        >
          → {line.stub}
        </button>
      )}
    </span>
  );
});

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
