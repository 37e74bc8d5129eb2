import type { Id, Project } from '@tavu/core/model';
import { projectFromNames } from '@tavu/core/starter';
import { addBytes, edit, openInStudio, undoRedo, useStudio } from './store';
import { keepOpen, type Means } from './keeper';

/** A store that is written down here, and refuses when it is told to. */
function shelf() {
  const rows = new Map<Id, { project: Project; changed: number }>();
  const assets = new Map<Id, Set<Id>>();
  let seen = 0;
  const listeners = new Set<() => void>();
  const shelf = {
    rows,
    assets,
    /** How many writings are refused from now on. */
    refuses: 0,
    writes: 0,
    /** What it was asked to write, by name, and how many milliseconds that takes. */
    asked: [] as string[],
    takes: 0,
    lose(): void {
      rows.clear();
      assets.clear();
      for (const hear of listeners) hear();
    },
    granted: (): void => undefined,
  };
  const means: Means = {
    store: {
      assetIds: async (id) => [...(assets.get(id) ?? [])],
      isNewer: async (id) => (rows.get(id)?.changed ?? 0) > seen,
      fetchProject: async (id) => {
        const row = rows.get(id);
        if (!row) return undefined;
        seen = row.changed;
        return {
          document: row.project,
          assets: new Map([...(assets.get(id) ?? [])].map((value) => [value, new Uint8Array(1)])),
        };
      },
      keepProject: async (project, { put, drop }) => {
        shelf.writes += 1;
        shelf.asked.push(project.name);
        if (shelf.takes > 0) await new Promise((done) => setTimeout(done, shelf.takes));
        else await Promise.resolve();
        if (shelf.refuses > 0) {
          shelf.refuses -= 1;
          throw new DOMException('full', 'QuotaExceededError');
        }
        seen += 1;
        rows.set(project.id, { project, changed: seen });
        const held = assets.get(project.id) ?? new Set();
        for (const key of put.keys()) held.add(key);
        for (const value of drop) held.delete(value);
        assets.set(project.id, held);
        return 0;
      },
      onLost: (hear) => {
        listeners.add(hear);
        return () => void listeners.delete(hear);
      },
    },
    claim: (_, onWriter) => {
      shelf.granted = onWriter;
      return (last) => void last;
    },
    channel: () => ({ tell: () => undefined, close: () => undefined }),
    read: async (document) => ({ project: document as Project }),
  };
  return { shelf, means };
}

const state = () => useStudio.getState();
const kept = (from: ReturnType<typeof shelf>['shelf']) => from.rows.get(state().project.id)?.project;
const picture = (id: Id) => ({ id, name: id, media: 'image/png', width: 1, height: 1, bytes: 1 });

beforeAll(() => {
  // The keeper listens to the page's going away.
  Object.assign(globalThis, { addEventListener: () => undefined, removeEventListener: () => undefined });
  Object.assign(globalThis, {
    document: { addEventListener: () => undefined, removeEventListener: () => undefined },
  });
});
beforeEach(() => {
  jest.useFakeTimers();
  openInStudio(projectFromNames('My game', ['Title', 'Play']), new Map());
});
afterEach(() => jest.useRealTimers());

const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);
const rename = (name: string) => edit('rename project', { name });

test('an edit is written within 150 ms, however soon it follows another', async () => {
  const { shelf: store, means } = shelf();
  const end = keepOpen(state().project.id, means);
  store.granted();
  await pass(10);
  expect(state().saving.state).toBe('kept');
  let n = 0;
  for (const gap of [0, 10, 40, 60, 150, 20, 20, 20, 20, 20, 20, 20, 5, 300]) {
    rename(`Edit ${n++}`);
    expect(state().saving.state).toBe('keeping');
    await pass(gap);
    // What is not there yet is younger than that.
    const there = Number(/\d+$/.exec(kept(store)!.name)?.[0] ?? -1);
    if (gap >= 150) expect(there).toBe(n - 1);
  }
  // In a burst without end, too.
  for (let i = 0; i < 100; i++) {
    rename(`Burst ${i}`);
    await pass(10);
    if (i > 15) expect(Number(/\d+$/.exec(kept(store)!.name)![0])).toBeGreaterThanOrEqual(i - 15);
  }
  expect(store.writes).toBeLessThan(60);
  end();
});

test('a run of typing is written when it pauses, and at least every two seconds', async () => {
  const { shelf: store, means } = shelf();
  const end = keepOpen(state().project.id, means);
  store.granted();
  await pass(10);
  const before = store.writes;
  for (let n = 0; n < 60; n++) {
    edit('rename project', { name: `Typed ${n}` }, { key: 'typing' });
    await pass(100);
    const age =
      Number(/\d+$/.exec(state().project.name)![0]) - Number(/\d+$/.exec(kept(store)!.name)?.[0] ?? -1);
    expect(age * 100).toBeLessThanOrEqual(2200);
  }
  // Not with every letter.
  expect(store.writes - before).toBeLessThan(10);
  await pass(130);
  expect(kept(store)!.name).toBe('Typed 59');
  // What is done by itself meanwhile does not wait for the typing to pause.
  edit('rename project', { name: 'Typed on' }, { key: 'more' });
  edit('rename project', { name: 'Typed on and on' }, { key: 'more' });
  edit('change rates', { frames: 30 });
  edit('rename project', { name: 'Typed again' }, { key: 'again' });
  edit('rename project', { name: 'Typed again, twice' }, { key: 'again' });
  await pass(60);
  expect(kept(store)!.name).toBe('Typed again, twice');
  end();
});

test('an edit does not wait for a writing that takes its time, and is not taken for kept with it', async () => {
  const { shelf: store, means } = shelf();
  const end = keepOpen(state().project.id, means);
  store.granted();
  await pass(500);
  store.takes = 1000;
  rename('One');
  await pass(500);
  rename('Two');
  await pass(150);
  expect(store.asked.slice(-2)).toEqual(['One', 'Two']);
  await pass(400);
  expect([kept(store)!.name, state().saving.state]).toEqual(['One', 'keeping']);
  await pass(1000);
  expect([kept(store)!.name, state().saving.state]).toEqual(['Two', 'kept']);
  end();
});

test('whichever writing is refused, that is said, nothing is taken for kept, and it is tried again', async () => {
  for (let nth = 0; nth < 4; nth++) {
    openInStudio(projectFromNames('My game', ['Title', 'Play']), new Map());
    const { shelf: store, means } = shelf();
    const end = keepOpen(state().project.id, means);
    const steps = [
      () => store.granted(),
      () => rename('One'),
      () => {
        addBytes(new Map([['i', new Uint8Array(1)]]));
        edit('add assets', { assets: [picture('i')] });
      },
      () => edit('delete assets', { assets: ['i'] }),
    ];
    for (const [i, step] of steps.entries()) {
      if (i === nth) store.refuses = 1;
      step();
      await pass(450);
      const same = kept(store) === state().project;
      expect([nth, i, state().saving.state, same]).toEqual([
        nth,
        i,
        i === nth ? 'failed' : 'kept',
        i !== nth,
      ]);
      if (i !== nth) continue;
      expect(state().saving).toMatchObject({ reason: 'The browser’s storage is full.' });
      await pass(5100);
      expect([state().saving.state, kept(store)]).toEqual(['kept', state().project]);
    }
    end();
  }
});

test('bytes stay for as long as an undo can ask for them, and go then', async () => {
  const { shelf: store, means } = shelf();
  const { id } = state().project;
  let end = keepOpen(id, means);
  store.granted();
  await pass(10);
  addBytes(new Map([['i', new Uint8Array(1)]]));
  edit('add assets', { assets: [picture('i')] });
  await pass(500);
  edit('delete assets', { assets: ['i'] });
  await pass(500);
  expect([[...store.assets.get(id)!], state().assets.has('i')]).toEqual([['i'], true]);
  undoRedo('undo');
  expect(state().project.assets).toHaveLength(1);
  undoRedo('redo');
  await pass(500);
  end();
  // Opened again there is nothing to take back.
  openInStudio(kept(store)!, new Map([['i', new Uint8Array(1)]]));
  end = keepOpen(id, means);
  store.granted();
  await pass(500);
  expect([[...store.assets.get(id)!], state().assets.has('i')]).toEqual([[], false]);
  end();
});

test('what is lost under it is written anew, pictures and all, without an edit', async () => {
  const { shelf: store, means } = shelf();
  const { id } = state().project;
  const end = keepOpen(id, means);
  store.granted();
  await pass(10);
  addBytes(new Map([['i', new Uint8Array(1)]]));
  edit('add assets', { assets: [picture('i')] });
  await pass(500);
  store.lose();
  await pass(500);
  expect([kept(store), [...store.assets.get(id)!]]).toEqual([state().project, ['i']]);
  end();
});

test('a window that becomes the writer takes over what is newer before it writes', async () => {
  const { shelf: store, means } = shelf();
  const { project } = state();
  const end = keepOpen(project.id, means);
  expect(state().saving.state).toBe('following');
  store.rows.set(project.id, { project: { ...project, name: 'Theirs', assets: [picture('i')] }, changed: 7 });
  store.assets.set(project.id, new Set(['i']));
  store.granted();
  await pass(500);
  expect([state().project.name, kept(store)!.name, state().assets.has('i')]).toEqual([
    'Theirs',
    'Theirs',
    true,
  ]);
  end();
});

test('the last edit before another project is opened is written', async () => {
  const { shelf: store, means } = shelf();
  const { id } = state().project;
  const end = keepOpen(id, means);
  store.granted();
  await pass(300);
  rename('Last text');
  openInStudio(projectFromNames('Another', ['Title']), new Map());
  end();
  await pass(10);
  expect(store.rows.get(id)!.project.name).toBe('Last text');
});
