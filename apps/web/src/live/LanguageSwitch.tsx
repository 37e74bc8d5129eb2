'use client';

import { STRETCHED } from '@tavu/core/language';
import { LANGUAGE, valueById } from '@tavu/core/model';
import { setByHand } from '../run';
import { useStudio, languagesOf, speak, useLanguage } from '../store';
import { Select } from '../ui';

/** The language Live speaks, or a stand-in two fifths longer, to see what will not fit. */
export function LanguageSwitch() {
  const languages = useStudio((studio) => languagesOf(studio.project));
  const code = useLanguage((language) => language.code);
  const known = code === STRETCHED || languages.slice(1).some((language) => language.code === code);
  const choose = (to: string): void => {
    speak(to === '' ? null : to);
    // As if the player had chosen it; the stand-in is no language of the game.
    const isGames = to !== STRETCHED && valueById(useStudio.getState().project, LANGUAGE) !== undefined;
    if (isGames) setByHand(LANGUAGE, to === '' ? languages[0]!.code : to);
  };
  return (
    <Select<string>
      label="Language of Live"
      value={known ? code! : ''}
      options={[
        ['', languages[0]?.name ?? 'English'],
        ...languages.slice(1).map(({ code, name }): [string, string] => [code, name]),
        [STRETCHED, 'Stretched, +40 %'],
      ]}
      className={`h-6 max-w-28 shrink-0 border bg-sheet text-sm ${known ? 'border-live font-semibold text-live' : 'border-line'}`}
      onChange={choose}
    />
  );
}
