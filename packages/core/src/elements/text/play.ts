import { WHOLE, type Of, type Play } from '../play';
import { paintWords } from '../words';

export const text: Play<Of<'text'>> = {
  paint: paintWords,
  // The first words of a screen are what it is called by.
  speak: { role: 'text', tell: (_, { first }) => (first ? { role: 'heading' } : {}) },
  wordsRoom: WHOLE,
};
