import * as effect from '../../core/src/effects/notice';
import * as trigger from '../../core/src/triggers/press';
import { buildPlayer } from '../../../scripts/player';

/** What only an editor needs: words, defaults and checks of files, edits, the walk over references, and what reads messages. */
const OF_THE_EDITOR =
  /\/(author|fields)\.ts$|core\/src\/(check|edit|exchange|fields|limits|map|phrasing|references|schema|starter|walk|words)\/|node_modules\/(immer|joi|papaparse|saxes)\/|icu-messageformat-parser\/index\.js$/;

test('a page that plays carries nothing that only an editor needs', async () => {
  const { metafile, outputFiles } = await buildPlayer('player.js', false);
  const carried = Object.entries(metafile.outputs['player.js']!.inputs).flatMap(
    ([path, { bytesInOutput }]) => (bytesInOutput > 0 ? [path] : []),
  );
  expect(carried.length).toBeGreaterThan(100);
  expect(carried).toContain('packages/core/src/elements/slider/play.ts');
  expect(carried.filter((path) => OF_THE_EDITOR.test(path))).toEqual([]);
  // What a type of trigger or effect is to an editor stands in one file with how it plays.
  const { text } = outputFiles![0]!;
  expect(text).toContain('takeBackChanges');
  for (const { author } of [effect, trigger])
    for (const words of Object.values(author.gone!)) expect(text).not.toContain(words);
});
