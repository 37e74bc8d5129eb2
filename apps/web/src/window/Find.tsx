'use client';

import { sentenceText } from '@tavu/core/words';
import { everyStep } from '@tavu/core/model';
import { openConversation } from '../lines/chosen';
import { restart, setMaking, showHeld, startAt, stepOn, toggleHold, useRun } from '../live/run';
import { choose, chooseLink, edit, travel, useStudio } from '../studio/store';
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
  const choices: Choice[] = [];
  const add = (group: string, key: string, label: string, hint: string, onPick: () => void): void => {
    choices.push({
      key,
      group,
      words: `${label} ${hint}`,
      label,
      hint,
      onPick: () => {
        done();
        onPick();
      },
    });
  };
  for (const screen of project.screens) {
    add('Screens', screen.id, screen.name, screen.layer, () => {
      choose({ screen: screen.id });
      showHeld(screen.id);
    });
    for (const element of screen.elements)
      add('On screens', `${screen.id} ${element.id}`, element.name, screen.name, () => {
        choose({ screen: screen.id, element: element.id });
        showHeld(screen.id);
      });
  }
  for (const link of project.links)
    add(
      'Sentences',
      link.id,
      sentenceText(project, link),
      project.screens.find((each) => each.id === link.from)?.name ??
        project.areas.find((each) => each.id === link.from)?.name ??
        'Everywhere',
      () => chooseLink(link.id),
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
  for (const area of project.areas) add('Areas', area.id, area.name, 'area', () => choose({ area: area.id }));
  for (const value of project.values)
    add('Values', value.id, value.name, value.section, () => onPane('values'));
  for (const event of project.events)
    add('Events', event.id, event.name, event.direction === 'in' ? 'the game says' : 'the game is told', () =>
      onPane('values'),
    );
  add('To do', 'do hold', 'Hold or let go', 'F8', toggleHold);
  add('To do', 'do restart', 'Restart the run', '', restart);
  add('To do', 'do step', 'On to the next moment at which something happens', '', () => void stepOn());
  add('To do', 'do tidy', 'Tidy the map', '', () => void edit('tidy map', {}));
  for (const pane of ['map', 'grid', 'lines', 'values', 'assets'] as const)
    add('To do', `do ${pane}`, `Show the ${pane}`, '', () => onPane(pane));
  if (chosen) {
    add('To do', 'do start', 'Start the run at the chosen screen', '', () => startAt(chosen));
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
  add('To do', 'do page', 'Hand over one page that plays', '', () => void saveOpen('page'));
  add('To do', 'do file', 'Save the project as a file', '', () => void saveOpen('file'));
  add('To do', 'do projects', 'Projects, new or open', '', onProjects);
  return (
    <Picker
      label="Find anything"
      placeholder="A screen, an element, a sentence, a line, something to do"
      choices={choices}
    />
  );
}
