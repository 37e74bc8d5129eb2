'use client';

import { largeProject } from '@tavu/core/starter';
import { builtDemo } from '../persistence';
import { Face } from './Face';
import { openDemoProject, openLarge } from './opening';
import { previewOf, type Preview } from './preview';

interface Example {
  name: string;
  words: string;
  face: () => Promise<Preview | null>;
  open: () => Promise<void>;
}

const EXAMPLES: Example[] = [
  {
    name: 'Saltwick Light',
    words: 'A night at a lighthouse: every kind of screen',
    face: async () => {
      const { project, assets } = await builtDemo();
      return previewOf(project, assets);
    },
    open: openDemoProject,
  },
  {
    name: '300 screens',
    words: 'A made-up flow, for trying what size does',
    // Its first screen is its title, and making one is quick.
    face: () => Promise.resolve(previewOf(largeProject(1), new Map())),
    open: openLarge,
  },
];

export function Examples({ done }: { done: () => void }) {
  return (
    <section aria-label="Examples" className="mt-5">
      <h3 className="mb-1 font-bold">Examples</h3>
      <ul>
        {EXAMPLES.map(({ name, words, face, open }) => (
          <li key={name}>
            <button
              type="button"
              aria-label={name}
              aria-description={words}
              className="flex w-full items-center gap-2.5 rounded px-1.5 py-1 text-left hover:bg-chosen-wash"
              onClick={async () => {
                await open();
                done();
              }}
            >
              <Face of={name} load={face} />
              <span className="min-w-0 flex-1">
                <span className="block font-semibold">{name}</span>
                <span className="block text-sm text-soft">{words}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
