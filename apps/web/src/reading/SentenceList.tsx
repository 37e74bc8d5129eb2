'use client';

import { linksFrom, PROJECT, type Id } from '@tavu/core/model';
import { useStudio } from '../studio/store';
import { NewSentence } from './NewSentence';
import { Sentence } from './Sentence';

/** What happens on a screen: its links as sentences, in the order they are tried. */
export function SentenceList({ screen }: { screen: Id }) {
  const project = useStudio((studio) => studio.project);
  const links = linksFrom(project, screen);
  return (
    <section aria-label={screen === PROJECT ? 'What happens everywhere' : 'What happens here'}>
      <h3 className="mb-2 font-bold">
        {screen === PROJECT ? 'What happens everywhere' : 'What happens here'}
      </h3>
      {links.length === 0 && (
        <p className="mb-2 text-soft">Nothing leads anywhere yet. Say below what should set something off.</p>
      )}
      <ol className="space-y-1.5">
        {links.map((link, i) => (
          <Sentence key={link.id} link={link} first={i === 0} last={i === links.length - 1} />
        ))}
      </ol>
      <NewSentence screen={screen} />
    </section>
  );
}
