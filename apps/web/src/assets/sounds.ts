import { isSound } from '@tavu/core/model';
import { useStudio } from '../store';

/** Everything in the project that can be heard. */
export const useSoundAssets = () => useStudio((studio) => studio.project.assets).filter(isSound);
