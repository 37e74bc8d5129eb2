import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** What other people's work asks to be told along with it. */

const ROOT = join(import.meta.dirname, '..');
const LICENCE = /^(licen[cs]e|copying|notice)(\.(md|txt))?$/i;

/** The packages that are installed to run the application, without those that only build or test it, by their folders. */
export function runtimePackages(): string[] {
  const lock = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8')) as {
    packages: Record<string, { dev?: boolean; optional?: boolean; link?: boolean }>;
  };
  return Object.entries(lock.packages).flatMap(([folder, { dev, optional, link }]) =>
    folder.includes('node_modules/') && !dev && !optional && !link && existsSync(join(ROOT, folder))
      ? [folder]
      : [],
  );
}

/** The folder of the package that a file of a bundle is from; null for a file of our own. */
export function packageOf(file: string): string | null {
  return /^(?:.*\/)?node_modules\/(?:@[^/]+\/)?[^/]+/.exec(file)?.[0] ?? null;
}

/**
 * The name, version, licence and licence text of each package, by name.
 * @param folders from the root of the repository
 */
export function noticesOf(folders: Iterable<string>): string {
  const notices = [...new Set(folders)].map((folder) => {
    const at = join(ROOT, folder);
    const { name, version, license } = JSON.parse(readFileSync(join(at, 'package.json'), 'utf8')) as {
      name: string;
      version: string;
      license?: string;
    };
    const texts = readdirSync(at)
      .filter((file) => LICENCE.test(file))
      .map((file) => readFileSync(join(at, file), 'utf8').trim());
    return [`${name} ${version} (${license ?? 'licence not named'})`, ...texts].join('\n\n');
  });
  return notices.sort().join(`\n\n${'-'.repeat(72)}\n\n`) + '\n';
}
