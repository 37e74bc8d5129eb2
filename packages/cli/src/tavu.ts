/** The command line: the core's own functions over files. */
import { dataUrl, openProject } from '@tavu/core/exchange';
import { paintStill, svgFrame, svgText, toSvg } from '@tavu/core/paint';
import { compile } from '@tavu/core/compile';
import { projectJsonSchema } from '@tavu/core/schema';
import { findingsOf, findingsOfTalks, findingWords, type Finding } from '@tavu/core/check';
import { ownerNames } from '@tavu/core/references';
import { linksFrom, PROJECT } from '@tavu/core/model';
import { sentenceText } from '@tavu/core/words';
import { Command } from 'commander';
import { readFile } from 'node:fs/promises';

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
  const opened = await openProject(await bytesOf(path));
  if ('project' in opened) return opened;
  for (const { place, reason } of opened.problems) console.error(`${path}: ${place}: ${reason}`);
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
      (each) => each.screen.name.toLowerCase() === name.toLowerCase(),
    );
    if (!screen) {
      console.error(
        `${path}: there is no screen called “${name}”. There are: ${project.screens.map((each) => each.name).join(', ')}`,
      );
      process.exit(1);
    }
    const media = new Map(project.assets.map((asset) => [asset.id, asset.media]));
    const asset = (id: string) => dataUrl(media.get(id) ?? '', assets.get(id) ?? new Uint8Array());
    const nodes = toSvg(paintStill(flow, screen, true), { asset, family: (face) => face });
    console.log(svgText(svgFrame(project.design.width, project.design.height, nodes)));
  });

tavu
  .command('schema')
  .description('prints the JSON Schema of a project file')
  .action(() => console.log(JSON.stringify(projectJsonSchema(), null, 1)));

await tavu.parseAsync();
