import type { ExportName } from '@tavu/core/exchange';
import { saveAs } from '../persistence';
import { say, useStudio } from '../store';

/** Saves the open project in one of the formats there are. */
export async function saveOpen(format: ExportName): Promise<void> {
  const { project, assets } = useStudio.getState();
  try {
    say(await saveAs(format, 'project', { project, assets }, project.name));
  } catch (error) {
    say(`It could not be saved: ${error instanceof Error ? error.message : 'an unknown fault'}`);
  }
}
