import type { ExportName } from '@tavu/core/exchange';
import { saveAs } from '../persistence';
import { notify, useStudio } from '../store';

/** Saves the open project in one of the formats there are. */
export async function saveOpen(format: ExportName): Promise<void> {
  const { project, assets } = useStudio.getState();
  try {
    notify(await saveAs(format, 'project', { project, assets }, project.name));
  } catch (error) {
    notify(`It could not be saved: ${error instanceof Error ? error.message : 'an unknown fault'}`);
  }
}
