import type { Settings } from './settings';

export const spoken: Settings<'spoken'> = { words: 'Text' };
