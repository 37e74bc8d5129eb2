import { type GivenTexts } from './given';
import { problemWords } from '../refusal';
import fc from 'fast-check';
import { applyCommand } from '../edit';
import { textTable } from '../language';
import type { Project } from '../model';
import { rehearseTalk } from '../run';
import { marked } from '../test/marked';
import { line, talking } from '../test/talks';
import { readScript } from '.';
import { readCsv, toCsv } from './csv';
import { toWebVtt } from './timed';
import { readXliff, toXliff } from './xliff';

/** Texts out to translators and back, pasted dialogues, and timed lines. */

const words = fc.oneof(
  fc.string({ maxLength: 30 }),
  fc.string({ unit: 'binary', maxLength: 12 }),
  fc.constantFrom('a "b", c', '=1+1', 'x;y', '<b>&amp;</b>', 'né\r\nzwei', ' lead', '🇫🇮', '\u0001\u0000'),
);
const LANGUAGES = [
  { code: 'en', name: 'English' },
  { code: 'fi', name: 'Finnish' },
];

/** A project whose lines say such texts, some of them translated, with notes and limits. */
const anyTexts = fc
  .array(
    fc.record({
      source: words.filter((word) => word.trim() !== ''),
      target: words,
      state: fc.constantFrom(undefined, 'initial' as const, 'reviewed' as const, 'final' as const),
      old: fc.boolean(),
      note: fc.constantFrom('', 'Keep it short', 'a, "b"\nc'),
      max: fc.constantFrom(undefined, 30),
    }),
    { minLength: 1, maxLength: 6 },
  )
  .map((rows): Project => {
    const project = talking(
      rows.map(({ source }, i) => line(`s${i}`, source)),
      { languages: LANGUAGES },
    );
    const key = (i: number): string => `talk s${i}`;
    const made = <T>(of: (row: (typeof rows)[number]) => T | undefined): Record<string, T> =>
      Object.fromEntries(rows.flatMap((row, i) => (of(row) === undefined ? [] : [[key(i), of(row)!]])));
    return {
      ...project,
      texts: { fi: made(({ target }) => (target === '' ? undefined : target)) },
      translated: {
        fi: made(({ target, state, old, source }) =>
          target === '' ? undefined : { from: old ? 'was' : source, ...(state ? { state } : {}) },
        ),
      },
      wordings: made(({ note, max }) =>
        note === '' && max === undefined
          ? undefined
          : { ...(note ? { note } : {}), ...(max === undefined ? {} : { max }) },
      ),
    };
  });

test('XLIFF goes out and comes back with no loss: texts, notes, limits and states', () => {
  fc.assert(
    fc.property(anyTexts, (project) => {
      const rows = textTable(project, 'fi');
      const read = readXliff(toXliff(project, rows, { source: 'en', target: 'fi' }));
      if ('problem' in read) throw new Error(problemWords(read.problem));
      expect(read.language).toBe('fi');
      const after = applyCommand(project, 'take texts', { language: 'fi', texts: read.texts }).project;
      expect(textTable(after, 'fi')).toEqual(rows);
    }),
    { numRuns: 200 },
  );
});

test('CSV goes out and comes back with no loss', () => {
  fc.assert(
    fc.property(anyTexts, (project) => {
      const rows = textTable(project, 'fi');
      const read = readCsv(toCsv(rows, 'fi'));
      if ('problem' in read) throw new Error(problemWords(read.problem));
      expect(read.language).toBe('fi');
      const after = applyCommand(project, 'take texts', { language: 'fi', texts: read.texts }).project;
      expect(textTable(after, 'fi')).toEqual(rows);
    }),
    { numRuns: 200 },
  );
});

test('a text whose words have changed since is told, and is translated anew by a file made from the new ones', () => {
  let { project } = applyCommand(talking([line('a', 'One')], { languages: LANGUAGES }), 'translate', {
    language: 'fi',
    key: 'talk a',
    text: 'Yksi',
  });
  const stateOf = () => textTable(project, 'fi').find((textRow) => textRow.key === 'talk a')!.state;
  expect(stateOf()).toBe('translated');
  project = applyCommand(project, 'change step', {
    owner: 'talk',
    step: 'a',
    change: { text: 'Two' },
  }).project;
  expect(stateOf()).toBe('changed');
  const file = toCsv(textTable(project, 'fi'), 'fi')
    .replace('Yksi', 'Kaksi')
    .replace(/"initial"/g, '"final"');
  const read = readCsv(file);
  if ('problem' in read) throw new Error(problemWords(read.problem));
  project = applyCommand(project, 'take texts', { language: 'fi', texts: read.texts }).project;
  expect(stateOf()).toBe('final');
});

const refused = (read: GivenTexts): string => ('problem' in read ? problemWords(read.problem) : 'read');

test.each([
  ['an XML bomb', '<!DOCTYPE x [<!ENTITY a "aaa">]><xliff version="2.0">&a;</xliff>', /document type/],
  ['another version', '<xliff version="1.2"><file/></xliff>', /XLIFF 1.2/],
  ['half a file', '<xliff version="2.0"><file>', /line 1/],
  ['no XML', 'hello', /line 1|no XLIFF/],
  ['other XML', '<a/>', /no XLIFF/],
])('%s is refused with words', (_, text, why) => {
  expect(refused(readXliff(text))).toMatch(why);
});

test('a table without names for its columns, or with too many, is refused with words', () => {
  expect(refused(readCsv('a,b\n1,2'))).toMatch(/line 1.*key/);
  expect(refused(readCsv('key,target fi\nx,y,z'))).toMatch(/line 2/);
});

test('plain text: a name before each line; speakers are known or made', () => {
  const known = [{ id: 'ines', name: 'Ines', faces: [] }];
  const { steps, speakers } = readScript(
    'INES: Fog tonight.\n\nTobias (radio): Copy: fog.\nA bell rings.\n',
    known,
  );
  expect(speakers.map((speaker) => speaker.name)).toEqual(['Tobias']);
  expect(steps).toMatchObject([
    { step: 'line', speaker: 'ines', text: 'Fog tonight.' },
    { step: 'line', speaker: speakers[0]!.id, text: 'Copy: fog.', note: 'radio' },
    { step: 'line', speaker: null, text: 'A bell rings.' },
  ]);
});

test('a screenplay: names by themselves, words beneath; what is not said is left out', () => {
  const { steps, speakers } = readScript(
    [
      'Title: The Watch',
      '',
      'INT. LAMP ROOM - NIGHT',
      '',
      'Rain on the glass.',
      '',
      'INES',
      'Is anyone *there*?',
      '(listening)',
      'Anyone at',
      'all?',
      '',
      '@Tobias (O.S.)',
      'Here. [[check]]',
      '',
      'CUT TO:',
      '',
    ].join('\n'),
  );
  expect(speakers.map((speaker) => speaker.name)).toEqual(['Ines', 'Tobias']);
  expect(steps.map((step) => (step.step === 'line' ? [step.text, step.note] : null))).toEqual([
    ['Is anyone there?', undefined],
    ['Anyone at all?', 'listening'],
    ['Here.', undefined],
  ]);
});

test('the time of a conversation is what the run takes, and stands in its timed lines', () => {
  const project = talking([
    line('a', 'b'.repeat(20)),
    { id: 'p', step: 'pause', for: '1.7 s' },
    line('b', 'One & <two>', { speaker: null }),
  ]);
  const played = rehearseTalk(project, project.conversations![0]!)!;
  expect(played.endless).toBe(false);
  expect(played.lines.map(({ from, typing, until }) => [from, typing, until])).toEqual([
    [0, 1_000_000, 2_500_000],
    [4_200_000, 550_000, 4_200_000 + 550_000 + 1_050_000],
  ]);
  expect(played.length).toBe(5_800_000);
  const file = toWebVtt(project, played);
  expect(file).toMatch(/^WEBVTT\n\n1\n00:00:00\.000 --> 00:00:02\.500\n<v Ines>b+\n/);
  expect(file).toContain('2\n00:00:04.200 --> 00:00:05.800\nOne &amp; &lt;two&gt;\n');
});

test('marks go to translators as inline codes, the same in both texts, and come back as they were', () => {
  const project = talking(
    [line('a', 'Hold [bold]both [colour Brass]lamps[/][/] & [picture Oil can][wait 0.2 s], [wave]now')],
    {
      languages: LANGUAGES,
      texts: { fi: { 'talk a': '[wave]Nyt [bold]molemmat[/] [picture Oil can]' } },
    },
  );
  const xliff = toXliff(project, textTable(project, 'fi'), { source: 'en', target: 'fi' });
  expect(xliff).toContain('<data id="d1">[bold]</data>');
  expect(xliff).toMatch(/Hold <pc id="1" [^>]*>both <pc id="2" [^>]*>lamps<\/pc><\/pc> &amp; <ph id="3"/);
  // The picture has the number it has in the source, and bold too.
  expect(xliff).toMatch(/<ph id="5"[^>]*\/>Nyt <pc id="1"[^>]*>molemmat<\/pc> <ph id="3"/);
  const read = readXliff(xliff);
  if ('problem' in read) throw new Error(problemWords(read.problem));
  expect(read.texts.find(({ key }) => key === 'talk a')).toMatchObject({
    source: (project.conversations![0]!.steps[0] as { text: string }).text,
    target: project.texts!.fi!['talk a'],
  });
});

test('codes that a tool moved or whose data it left out are read by what they show', () => {
  const made = `<xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" version="2.0" srcLang="en" trgLang="fi"><file id="f"><unit id="u" name="talk a">
    <segment><source>x</source><target>a <pc id="1" dispStart="[bold]" dispEnd="[/]">b</pc><ph id="2" disp="[wait 1 s]"/></target></segment></unit></file></xliff>`;
  const read = readXliff(made);
  expect('texts' in read && read.texts[0]!.target).toBe('a [bold]b[/][wait 1 s]');
});

test('whatever is marked goes out and comes back with no loss', () => {
  fc.assert(
    fc.property(marked, marked, ({ text }, { text: other }) => {
      fc.pre(text.trim() !== '');
      const project = talking([line('a', text)], {
        languages: LANGUAGES,
        texts: { fi: { 'talk a': other } },
      });
      const rows = textTable(project, 'fi');
      const read = readXliff(toXliff(project, rows, { source: 'en', target: 'fi' }));
      const one = 'texts' in read ? read.texts.find(({ key }) => key === 'talk a') : undefined;
      expect([one?.source, one?.target]).toEqual([text, other]);
    }),
  );
});
