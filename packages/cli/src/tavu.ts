import { problemWords } from '@tavu/core/refusal';
/** The command line: the core's own functions over files. */
import { dataUrl, EXPORTS, readAs, writeAs, type Exported, type PageParts } from '@tavu/core/exchange';
import { paintStill, svgFrame, svgText, toSvg } from '@tavu/core/paint';
import { compile } from '@tavu/core/compile';
import { projectJsonSchema } from '@tavu/core/schema';
import { findingsOf, findingsOfTalks, findingWords, type Finding } from '@tavu/core/check';
import { ownerNames } from '@tavu/core/references';
import { linksFrom, PROJECT } from '@tavu/core/model';
import { sentenceText } from '@tavu/core/words';
import { Command } from 'commander';
import { readdirSync, readFileSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';

const tavu = new Command('tavu').description('Reads and checks Tavu projects');

// Whoever reads the output may have read enough of it.
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1));

const FAULTS: Record<string, string> = {
  ENOENT: 'there is no such file',
  EISDIR: 'it is a folder',
  EACCES: 'it may not be read',
};

async function bytesOf(path: string): Promise<Uint8Array> {
  try {
    return new Uint8Array(await readFile(path));
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    console.error(`${path}: ${FAULTS[code ?? ''] ?? message}`);
    process.exit(1);
  }
}

/** Opens a file or ends with what is wrong with it. */
async function open(path: string) {
  const opened = await readAs('project', await bytesOf(path));
  if ('project' in opened) return opened;
  for (const problem of opened.problems) console.error(`${path}: ${problemWords(problem)}`);
  process.exit(1);
}

tavu
  .command('check <file>')
  .description('says whether a project file can be read, and what in it names nothing or is still to be made')
  .action(async (path: string) => {
    const { project } = await open(path);
    console.log(`${project.name}: ${project.screens.length} screens, ${project.links.length} links`);
    const names = ownerNames(project);
    const nameOf = (id: string): string => (id === PROJECT ? 'Everywhere' : (names.get(id) ?? 'Everywhere'));
    const say = (finding: Finding): void =>
      console.log(`${nameOf(finding.where.source)}: ${findingWords(finding)}`);
    findingsOf(project).forEach(say);
    for (const found of findingsOfTalks(compile(project)).values()) found.forEach(say);
  });

tavu
  .command('read <file>')
  .description('prints what every screen does, in sentences')
  .action(async (path: string) => {
    const { project } = await open(path);
    for (const { id, name } of [...project.screens, ...project.areas, { id: PROJECT, name: 'Everywhere' }]) {
      const links = linksFrom(project, id);
      if (links.length > 0)
        console.log(`${name}\n${links.map((link) => `  ${sentenceText(project, link)}`).join('\n')}`);
    }
  });

tavu
  .command('picture <file> <screen>')
  .description('prints a screen as SVG')
  .action(async (path: string, name: string) => {
    const { project, assets } = await open(path);
    const flow = compile(project);
    const screen = [...flow.screens.values()].find(
      (compiledScreen) => compiledScreen.screen.name.toLowerCase() === name.toLowerCase(),
    );
    if (!screen) {
      console.error(
        `${path}: there is no screen called “${name}”. There are: ${project.screens.map((item) => item.name).join(', ')}`,
      );
      process.exit(1);
    }
    const media = new Map(project.assets.map((asset) => [asset.id, asset.media]));
    const asset = (id: string) => dataUrl(media.get(id) ?? '', assets.get(id) ?? new Uint8Array());
    const nodes = toSvg(paintStill(flow, screen, true), { asset, family: (face) => face });
    console.log(svgText(svgFrame(project.design.width, project.design.height, nodes)));
  });

tavu
  .command('write <file> <format> [which]')
  .description(
    `writes the project, its texts in the language \`which\`, or the conversation of that name: ${Object.keys(EXPORTS).join(', ')}`,
  )
  .option('-o, --output <file>', 'where to; beside the file, when left out')
  .action(
    async (path: string, format: string, which: string | undefined, { output }: { output?: string }) => {
      const { project, assets } = await open(path);
      const refuse = (why: string): never => {
        console.error(`${path}: ${why}`);
        process.exit(1);
      };
      const known = (EXPORTS as Record<string, { of: keyof Exported; plays?: true }>)[format];
      if (!known)
        return refuse(`there is no format ${format}. There are: ${Object.keys(EXPORTS).join(', ')}`);
      const given = (of: keyof Exported): Exported[keyof Exported] => {
        if (of === 'project')
          return { project, assets, ...(known.plays ? { parts: builtParts(refuse) } : {}) };
        if (of === 'texts') {
          const others = (project.languages ?? []).slice(1).map(({ code }) => code);
          if (which === undefined || !others.includes(which))
            return refuse(`say which language: ${others.join(', ')}`);
          return { project, language: which };
        }
        const all = project.conversations ?? [];
        const conversation = all.find(({ name }) => name.toLowerCase() === which?.toLowerCase());
        if (!conversation) return refuse(`say which conversation: ${all.map(({ name }) => name).join(', ')}`);
        return { project, conversation };
      };
      const { bytes, ending } = await writeAs(format, known.of, given(known.of) as never);
      const to = output ?? `${path.replace(/(\.tavu)?\.(json|zip)$/, '')}.${ending}`;
      await writeFile(to, bytes);
      console.log(to);
    },
  );

/** The player and its fonts, where they have been built. */
function builtParts(refuse: (why: string) => never): PageParts {
  const built = new URL('../../../apps/web/public/built/', import.meta.url);
  try {
    const fonts = readdirSync(new URL('fonts/', built)).map((file): [string, Uint8Array] => [
      file.replace(/\.woff2$/, ''),
      new Uint8Array(readFileSync(new URL(`fonts/${file}`, built))),
    ]);
    return {
      player: readFileSync(new URL('player.js', built), 'utf8'),
      fonts: Object.fromEntries(fonts),
      notices: readFileSync(new URL('notices.txt', built), 'utf8'),
    };
  } catch {
    return refuse('the player is not built yet: run `npm run build` first');
  }
}

tavu
  .command('schema')
  .description('prints the JSON Schema of a project file')
  .action(() => console.log(JSON.stringify(projectJsonSchema(), null, 1)));

await tavu.parseAsync();
