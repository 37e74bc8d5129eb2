import type { Settings } from './settings';

export const spoken: Settings<'spoken'> = { words: 'Words on it' };
