/** One table of ratios and measures, all from this run on this machine. */
import { measureComponent, measureCore, measureCrossings, measureLarge, measureTalk } from './core';
import { measureEngine } from './engine';
import { measureKills } from './kills';
import { measurePage } from './page';
import { measureRules } from './rules';
import { whileServed } from './serve';

// `npm run bench -- rules` is the long run by itself: half an hour for ten thousand projects.
if (process.argv[2] === 'rules') {
  const projects = Number(process.argv[3] ?? 10_000);
  const { seconds, broke } = measureRules(projects);
  console.log(
    broke ??
      `${projects} projects kept every rule through 200 inputs and edits each; ${seconds.toFixed(0)} s`,
  );
  process.exit(broke === null ? 0 : 1);
}

const rows: [string, string, string][] = [];
const add = (what: string, measured: string, aim = ''): void => void rows.push([what, measured, aim]);
const whole = (n: number): string => Math.round(n).toLocaleString('en');

const engine = measureEngine();
add('Engine, inputs a second', whole(engine.inputs), 'above 200,000');
add('Hand-written switch, presses a second', whole(engine.byHand));
add('Switch against engine, per press', `${(engine.byHand / engine.engine).toFixed(1)}×`, 'within 30×');
add('Engine, frames of time a second', whole(engine.frames));

const core = measureCore();
add('Demo: checked after its JSON is parsed', `${core.read.toFixed(1)} ms`);
add('Demo: compiled afresh', `${core.compile.toFixed(2)} ms`);
add(
  'Demo: compiled after one edit',
  `${core.recompile.toFixed(2)} ms (${(core.compile / core.recompile).toFixed(1)}× less)`,
);
add('Demo: map laid out', `${core.map.toFixed(2)} ms`);
add('Demo: picture of a settled screen', `${(core.paint * 1000).toFixed(1)} µs`);

add('A component changed on nine screens, all drawn', `${measureComponent().toFixed(1)} ms`, 'under 50 ms');

const large = measureLarge();
add('300 screens: checked after their JSON is parsed', `${large.read.toFixed(0)} ms`, 'under 50 ms');
add('300 screens: compiled afresh', `${large.compile.toFixed(0)} ms`);
add(
  '300 screens: map laid out afresh, and after an edit',
  `${large.map.toFixed(0)}, ${large.mapAfter.toFixed(1)} ms`,
  'under 50 ms, 10 ms',
);
const { drawn, fewest } = measureCrossings();
add(
  '30 flows: links of the map cross, beside the best of six orders each',
  `${drawn} to ${fewest}`,
  'at most 1.15 times',
);
add('300 screens: edit, compile, reconcile, picture', `${large.edit.toFixed(1)} ms`, 'under 50 ms');
add('600 screens: a value renamed, 95th percentile', `${large.rename.toFixed(0)} ms`, 'under 30 ms');
add('300 screens: all that is wrong found', `${large.troubles.toFixed(0)} ms`);

const talk = measureTalk();
add('1,000 lines: read from a pasted text', `${talk.read.toFixed(1)} ms`);
add('1,000 lines: a letter typed, compiled, reconciled, drawn', `${talk.edit.toFixed(1)} ms`, 'under 50 ms');
add('1,000 lines: all of them checked, when typing pauses', `${talk.check.toFixed(1)} ms`);
add('1,000 lines: timed from end to end by the engine', `${talk.timed.toFixed(0)} ms`);
add('1,000 lines: a frame while one is typed out', `${talk.frame.toFixed(2)} ms`, 'under 4 ms');

const { page, kills } = await whileServed(async () => ({
  page: await measurePage(),
  kills: await measureKills(),
}));
add(
  '300 screens: opened, from the press to a map one can use',
  `${page.large.open.toFixed(0)} ms`,
  'under 500 ms',
);
add(
  '300 screens: the grid, from the press to its rows',
  `${page.large.grid.shown.toFixed(0)} ms`,
  'under 100 ms',
);
add(
  '300 screens: the grid scrolled both ways, frames a second, the longest',
  `${page.large.grid.scroll.toFixed(0)}, ${page.large.grid.longest.toFixed(0)} ms`,
);
add(
  '300 screens: Find, from a letter to the answer, 95th percentile',
  `${page.large.find.toFixed(0)} ms`,
  'under 100 ms',
);
add(
  '300 screens: an edit to the next frame, 95th percentile',
  `${page.large.edit.toFixed(0)} ms`,
  'under 16.7 ms',
);
add(
  '1,000 lines: a letter to the next frame, 95th percentile',
  `${page.lines.letter.toFixed(0)} ms`,
  'under 50 ms',
);
add('1,000 lines: found by words, to the next frame', `${page.lines.find.toFixed(0)} ms`, 'under 50 ms');
add('1,000 lines: frames a second while scrolled', page.lines.scroll.toFixed(0));
add('300 screens: frames a second while the map pans', page.large.pan.toFixed(0));
add(
  '300 screens: the longest frame while the map pans, and zooms',
  `${page.large.panned.toFixed(0)}, ${page.large.zoomed.toFixed(0)} ms`,
  'under 34 ms',
);
add('Playing in the window: script a frame', `${page.inApp.perFrame.toFixed(2)} ms`, 'under 0.5 ms');
add('Playing in the window: frames a second', page.inApp.fps.toFixed(0));
add('One-file page: script a frame', `${page.inPage.perFrame.toFixed(2)} ms`, 'under 0.5 ms');
add(
  'Sixteen playing pictures, forty faces: script a frame',
  `${page.artwork.perFrame.toFixed(2)} ms`,
  'under 0.5 ms',
);
add('Sixteen playing pictures, forty faces: frames a second', page.artwork.fps.toFixed(0));
add('Transition again and again: script a frame', `${page.transition.perFrame.toFixed(2)} ms`, 'under 4 ms');
add(
  'Transition again and again: longest of ten seconds of frames',
  `${page.transition.longest.toFixed(0)} ms`,
  'under 17 ms',
);
const { took, dropped } = page.transition.garbage;
add(
  'Transition again and again: stops for garbage in ten seconds',
  `${took.length}, the longest ${Math.max(0, ...took).toFixed(1)} ms`,
);
add('Transition again and again: frames dropped with such a stop in them', `${dropped}`, 'none');
add('First page: scripts, compressed', `${(page.firstPage / 1000).toFixed(0)} kB`, 'under 250 kB');
add(
  'One-file page beside pictures and sounds, compressed',
  `${(page.player / 1000).toFixed(0)} kB`,
  'under 100 kB',
);

add('Twenty kills: edits missing at most', `${kills.edits}`, 'the last one');
add('Twenty kills: oldest edit missing', `${kills.oldest} ms`, 'under 150 ms');
add('Twenty kills: oldest letter missing in a run of typing', `${kills.oldestTyped} ms`, 'under 2,000 ms');

const widths = [0, 1].map((i) => Math.max(...rows.map((row) => row[i]!.length)));
console.log();
for (const [what, measured, aim] of rows)
  console.log(`${what.padEnd(widths[0]!)}  ${measured.padStart(widths[1]!)}${aim ? `   aim: ${aim}` : ''}`);
