import fc from 'fast-check';
import { projectOf, screenOf } from '../test/flows';
import { preferredLanguage } from '.';

const speaking = (...codes: string[]) =>
  projectOf([screenOf('s')], [], { languages: codes.map((code) => ({ code, name: code })) });

test.each([
  [['en', 'de'], ['de-AT', 'en'], 'de'],
  [['en', 'pt-BR'], ['pt'], 'pt-BR'],
  [['en', 'pt', 'pt-BR'], ['pt-BR'], 'pt-BR'],
  [['en', 'zh-Hant'], ['zh-Hant-x-old'], 'zh-Hant'],
  [['en', 'de'], ['fi', 'DE-de'], 'de'],
  [['en', 'de'], ['fi'], 'en'],
  [['fi', 'en'], [], 'fi'],
])('a project in %p speaks to one who wants %p in %s', (codes, wanted, found) => {
  expect(preferredLanguage(speaking(...codes), wanted)).toBe(found);
});

test('it is always one that the project speaks, and a wanted one that it speaks by that very tag wins', () => {
  const tag = fc.constantFrom('en', 'de', 'de-AT', 'pt', 'pt-BR', 'fi', 'zh-Hant', 'zh-Hans-CN');
  fc.assert(
    fc.property(fc.uniqueArray(tag, { minLength: 1 }), fc.array(tag), (codes, wanted) => {
      const found = preferredLanguage(speaking(...codes), wanted);
      expect(codes).toContain(found);
      if (codes.includes(wanted[0]!)) expect(found).toBe(wanted[0]);
    }),
  );
});
