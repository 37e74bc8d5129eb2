import { WHOLE, type Of, type Play } from '../play';
import { paintWords } from '../words';

export const spoken: Play<Of<'spoken'>> = {
  paint: paintWords,
  speak: { role: 'text' },
  wordsRoom: WHOLE,
  types: true,
};
