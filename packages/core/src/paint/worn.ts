import type { Flow } from '../compile';
import { fileInSkin } from '../style';
import type { Sources } from './svg';

/** Where the pictures of a flow are: in the skin it wears, those that stand in. */
export const wornSources = ({ project, skin }: Pick<Flow, 'project' | 'skin'>, sources: Sources): Sources =>
  skin === null ? sources : { ...sources, asset: (id) => sources.asset(fileInSkin(project, skin, id)) };
