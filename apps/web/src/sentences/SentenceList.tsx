'use client';

import { broughtLinks } from '@tavu/core/component';
import { linksFrom, PROJECT, screenById, type Id } from '@tavu/core/model';
import { edit, useStudio } from '../store';
import { Reorder } from '../ui';
import { NewSentence } from './NewSentence';
import { Sentence } from './Sentence';

/** What happens on a screen, in an area or everywhere: its links as sentences, in the order they are tried. */
export function SentenceList({ source }: { source: Id }) {
  const project = useStudio((studio) => studio.project);
  const links = linksFrom(project, source);
  const title =
    source === PROJECT
      ? 'What happens everywhere'
      : screenById(project, source)
        ? 'What happens here'
        : 'What happens anywhere in it';
  return (
    <section aria-label={title}>
      <h3 className="mb-2 font-bold">{title}</h3>
      {links.length === 0 && (
        <p className="mb-2 text-soft">
          {source === PROJECT && project.links.length > 0
            ? 'No sentence holds everywhere. Those of a screen are read when it is chosen.'
            : 'Nothing leads anywhere yet. Say below what should set something off.'}
        </p>
      )}
      <Reorder
        label="Sentences"
        items={links}
        keyOf={(link) => link.id}
        handleName="Move this sentence"
        onMove={(from, to) => {
          const rest = links.filter((_, i) => i !== from);
          edit('place link', { link: links[from]!.id, before: rest[to]?.id ?? null });
        }}
      >
        {(link, _, handle) => <Sentence link={link} handle={handle} />}
      </Reorder>
      <NewSentence source={source} />
      <Brought source={source} />
    </section>
  );
}

/** What the components placed on a screen do there, the same as wherever they are. */
function Brought({ source }: { source: Id }) {
  const project = useStudio((studio) => studio.project);
  const links = broughtLinks(project, screenById(project, source));
  if (links.length === 0) return null;
  return (
    <div className="mt-3">
      <h4 className="mb-1 text-sm text-soft">Its components bring with them</h4>
      <ol>
        {links.map((link) => (
          <li key={link.id}>
            <Sentence link={link} handle={null} />
          </li>
        ))}
      </ol>
    </div>
  );
}
