'use client';

import { sentenceText } from '@tavu/core/words';
import { findingsOf, findingWords, type Finding } from '@tavu/core/check';
import { everyStep, type Project } from '@tavu/core/model';
import { useEffect, useState } from 'react';
import { editingLayer } from '../editing/layer';
import { openConversation } from '../lines/chosen';
import {
  give,
  livePlayer,
  restart,
  setMaking,
  showHeld,
  startAt,
  stepOn,
  toggleHold,
  useRun,
} from '../live/run';
import { centreOnMap } from '../map/centre';
import { openLarge } from '../projects/opening';
import { choose, chooseLink, edit, travel, useStudio } from '../studio/store';
import { goOnAt } from '../ui/goOn';
import { Picker, type Choice } from '../ui/Picker';
import { Dialog } from '../ui/parts';
import { saveOpen } from './Bar';
import type { Pane } from './Window';

/** Finds screens, elements, sentences and things to do. */
export function Find({
  open,
  onOpen,
  onProjects,
  onPane,
}: {
  open: boolean;
  onOpen: (open: boolean) => void;
  onProjects: () => void;
  onPane: (pane: Pane) => void;
}) {
  return (
    <Dialog open={open} onOpen={onOpen} title="Find anything" bare>
      <Everything done={() => onOpen(false)} onProjects={onProjects} onPane={onPane} />
    </Dialog>
  );
}

/** What is wrong anywhere, a moment after the list stands. */
function useFindings(project: Project): readonly Finding[] {
  const [findings, setFindings] = useState<readonly Finding[]>([]);
  useEffect(() => {
    const timer = setTimeout(() => setFindings(findingsOf(project)), 50);
    return () => clearTimeout(timer);
  }, [project]);
  return findings;
}

const game = (): HTMLElement | null | undefined => livePlayer()?.host;
const paneTab = (): HTMLElement | null =>
  document.querySelector<HTMLElement>('[role="tablist"][aria-label="Left pane"] [aria-selected="true"]');
/** The first word of a sentence that can be filled otherwise. */
const sentenceBlank = (link: string): HTMLElement | null =>
  document.querySelector<HTMLElement>(`[data-link="${CSS.escape(link)}"] [data-blank]`);

function Everything({
  done,
  onProjects,
  onPane,
}: {
  done: () => void;
  onProjects: () => void;
  onPane: (pane: Pane) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen.screen);
  const making = useRun((run) => run.making);
  const findings = useFindings(project);
  const choices: Choice[] = [];
  const add = (
    group: string,
    key: string,
    label: string,
    hint: string,
    onPick: () => void,
    goOn?: () => HTMLElement | null | undefined,
  ): void => {
    choices.push({
      key,
      group,
      words: `${label} ${hint}`,
      label,
      hint,
      onPick: () => {
        done();
        onPick();
        if (goOn) goOnAt(goOn);
      },
    });
  };
  for (const screen of project.screens) {
    add(
      'Screens',
      screen.id,
      screen.name,
      screen.layer,
      () => {
        choose({ screen: screen.id });
        showHeld(screen.id);
      },
      // The map takes the keyboard to the card.
      () => (centreOnMap(screen.id) ? null : editingLayer()),
    );
    for (const element of screen.elements)
      add(
        'On screens',
        `${screen.id} ${element.id}`,
        element.name,
        screen.name,
        () => {
          choose({ screen: screen.id, element: element.id });
          showHeld(screen.id);
          centreOnMap(screen.id);
        },
        editingLayer,
      );
  }
  for (const link of project.links)
    add(
      'Sentences',
      link.id,
      sentenceText(project, link),
      project.screens.find((each) => each.id === link.from)?.name ??
        project.areas.find((each) => each.id === link.from)?.name ??
        'Everywhere',
      () => {
        chooseLink(link.id);
        centreOnMap(link.from);
      },
      () => sentenceBlank(link.id),
    );
  for (const { id, name, steps } of project.conversations ?? []) {
    const go = (step: string | null) => () => {
      onPane('lines');
      openConversation(id, step);
    };
    add('Conversations', id, name, 'lines', go(null));
    for (const step of everyStep(steps))
      if ('text' in step && step.text !== '')
        add('Lines', `${id} ${step.id}`, step.text.slice(0, 120), name, go(step.id));
  }
  for (const area of project.areas)
    add('Areas', area.id, area.name, 'area', () => choose({ area: area.id }), paneTab);
  for (const value of project.values)
    add('Values', value.id, value.name, value.section, () => onPane('values'), paneTab);
  for (const event of project.events) {
    const says = event.direction === 'in';
    const where = says ? 'the game says' : 'the game is told';
    add('Events', event.id, event.name, where, () => onPane('values'), paneTab);
    if (says && !event.fields?.length)
      add(
        'To do',
        `say ${event.id}`,
        `The game says ${event.name}`,
        'event, now',
        () => give({ type: 'event', event: event.id }),
        game,
      );
  }
  add('To do', 'do hold', 'Hold or let go', 'F8', toggleHold, () =>
    useRun.getState().held ? editingLayer() : game(),
  );
  add('To do', 'do restart', 'Restart the run', '', restart, game);
  add('To do', 'do step', 'On to the next moment at which something happens', '', () => void stepOn());
  add('To do', 'do tidy', 'Tidy the map', '', () => void edit('tidy map', {}));
  for (const pane of ['map', 'grid', 'lines', 'values', 'assets'] as const)
    add('To do', `do ${pane}`, `Show the ${pane}`, '', () => onPane(pane), paneTab);
  if (chosen) {
    add('To do', 'do start', 'Start here', 'the run, at the chosen screen', () => startAt(chosen), game);
    add(
      'To do',
      'do duplicate',
      'Duplicate the chosen screen',
      'Ctrl D',
      () => void edit('duplicate screens', { screens: [chosen] }),
    );
    add(
      'To do',
      'do delete',
      'Delete the chosen screen',
      'Delete',
      () => void edit('delete screens', { screens: [chosen] }),
    );
  }
  add('To do', 'do making', making ? 'Run without asking at dead ends' : 'Ask at dead ends', '', () =>
    setMaking(!making),
  );
  add('To do', 'do undo', 'Undo', 'Ctrl Z', () => travel('undo'));
  add('To do', 'do redo', 'Redo', 'Ctrl Shift Z', () => travel('redo'));
  add('To do', 'do page', 'Hand over one page that plays', 'export', () => void saveOpen('page'));
  add('To do', 'do file', 'Save the project as a file', 'export', () => void saveOpen('file'));
  add('To do', 'do new', 'New project', 'projects, or open another', onProjects);
  add(
    'To do',
    'do large',
    'Open a made-up flow of 300 screens',
    'a project',
    () => void openLarge(),
    paneTab,
  );
  add('To do', 'do schema', 'The schema of project files', 'JSON Schema, in another tab', () => {
    window.open('/api/schema', '_blank', 'noopener');
  });
  for (const [i, finding] of findings.entries()) {
    const { link, screens = [] } = finding.where;
    const source = screens[0] ?? finding.where.source;
    const screen = project.screens.find(({ id }) => id === source);
    const area = project.areas.find(({ id }) => id === source);
    if (!screen && !area && !link) continue;
    add(
      'Findings',
      `finding ${i}`,
      findingWords(finding),
      `finding, ${screen?.name ?? area?.name ?? 'everywhere'}`,
      () => {
        if (link) chooseLink(link);
        else choose(screen ? { screen: source } : { area: source });
        if (screen) centreOnMap(source);
      },
      link ? () => sentenceBlank(link) : undefined,
    );
  }
  return (
    <Picker
      label="Find anything"
      placeholder="A screen, an element, a sentence, a line, something to do"
      choices={choices}
    />
  );
}
