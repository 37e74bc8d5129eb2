import { blankProject } from '@tavu/core/model';
import { renderToStaticMarkup } from 'react-dom/server';
import { Tips } from '../ui/parts';
import { useArrangement, type Pane } from './arrangement';
import { COMMANDS, pressed } from './commands';
import { FINDERS } from './find/registry';
import { LeftPane } from './LeftPane';
import { PANES } from './panes';

/** A pane, a command and a sort of things to find that there are not, added through the registries alone. */

let done = 0;
beforeAll(() => {
  Object.assign(PANES, { lamps: { title: 'Lamps', Pane: () => <p>All lamps are lit.</p> } });
  Object.assign(COMMANDS, {
    light: {
      label: 'Light the lamps',
      hint: 'Ctrl L',
      keys: [{ key: 'l', control: true }],
      run: () => done++,
    },
  });
  Object.assign(FINDERS, {
    lamps: {
      list: () => [{ group: 'Lamps', key: 'l', label: 'The first', hint: 'lit', onPick: () => done++ }],
    },
  });
});
afterAll(() => {
  delete (PANES as Record<string, unknown>).lamps;
  delete COMMANDS.light;
  delete FINDERS.lamps;
});

const lamps = 'lamps' as Pane;

test('the pane has its tab and shows itself', () => {
  const shown = (): string =>
    renderToStaticMarkup(
      <Tips>
        <LeftPane />
      </Tips>,
    );
  expect(shown()).toMatch(/role="tab"[^>]*aria-selected="false"[^>]*>Lamps</);
  expect(shown()).not.toContain('All lamps are lit.');
  // Where there is no window, a store shows what it began with.
  Object.assign(useArrangement.getInitialState(), { pane: lamps });
  expect(shown()).toMatch(/aria-selected="true"[^>]*>Lamps</);
  expect(shown()).toContain('All lamps are lit.');
});

test('the command is done by its keys, and found by its name', () => {
  const event = {
    key: 'L',
    ctrlKey: true,
    metaKey: false,
    shiftKey: false,
    target: {},
    preventDefault: () => done++,
  };
  pressed(event as unknown as KeyboardEvent);
  expect(done).toBe(2);
  pressed({ ...event, ctrlKey: false } as unknown as KeyboardEvent);
  expect(done).toBe(2);
  const found = FINDERS.todo!.list(blankProject('Test')).find(({ label }) => label === 'Light the lamps');
  expect(found).toMatchObject({ group: 'To do', hint: 'Ctrl L' });
});

test('what its sort lists is found', () => {
  const all = Object.values(FINDERS).flatMap(({ list }) => list(blankProject('Test')));
  expect(all.map(({ label }) => label)).toContain('The first');
});
