'use client';

import { kindFromName, KINDS, LONGEST_NAME, type Layer, type Link } from '@tavu/core/model';
import { edit, useStudio } from '../store';
import type { Choice } from '../ui';

/** The layer a link's kind leads to. */
export const targetLayer = (link: Pick<Link, 'kind'>): Layer => (link.kind === 'go' ? 'base' : 'overlay');

/** The kind a new screen takes from its name, as long as that kind lives in the layer wanted. */
export function kindFor(name: string, layer: Layer) {
  const kind = kindFromName(name);
  return KINDS[kind].layer === layer ? kind : 'custom';
}

export function useTargetChoices(
  link: Link,
  close: () => void,
): { choices: Choice[]; typed: (text: string) => Choice[] } {
  const project = useStudio((studio) => studio.project);
  const layer = targetLayer(link);
  const lead = (change: Partial<Link>): void => {
    edit('change link', { link: link.id, change });
    close();
  };
  // Targets that fit the sentence come first; the others change its kind.
  const other: Link['kind'] = layer === 'base' ? 'open' : 'go';
  const leading = (kind: Link['kind']): Choice[] =>
    project.screens
      .filter((screen) => screen.layer === targetLayer({ kind }))
      .map((screen) => ({
        key: screen.id,
        group: kind === link.kind ? undefined : kind === 'go' ? 'Go to instead' : 'Open over this instead',
        words: screen.name,
        label: screen.name,
        hint: screen.kind,
        onPick: () => lead({ kind, to: { screen: screen.id } }),
      }));
  const choices = [...leading(link.kind), ...leading(other)];
  const typed = (text: string): Choice[] => {
    const name = text.slice(0, LONGEST_NAME);
    if (project.screens.some((screen) => screen.name.toLowerCase() === name.toLowerCase())) return [];
    return [
      {
        key: 'make',
        group: 'New',
        words: name,
        label: `Make “${name}”`,
        hint: 'from its siblings’ pieces',
        onPick: () => {
          edit('link to new screen', { link: link.id, name, kind: kindFor(name, layer), layer });
          close();
        },
      },
      {
        key: 'gap',
        group: 'New',
        words: name,
        label: `Leave “${name}” for later`,
        hint: 'a gap',
        onPick: () => lead({ to: { gap: name } }),
      },
    ];
  };
  return { choices, typed };
}
