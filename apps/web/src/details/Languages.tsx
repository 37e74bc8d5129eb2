'use client';

import type { Language } from '@tavu/core/model';
import { Trash2 } from 'lucide-react';
import { edit, useStudio, languagesOf } from '../store';
import { Field, Group, IconButton } from '../ui';

/** The languages the game speaks: the one its texts are written in, and those they are translated into. */
export function Languages() {
  const project = useStudio((studio) => studio.project);
  const languages = languagesOf(project);
  return (
    <Group title="Languages" unfolded={languages.length > 1}>
      <ul className="space-y-1">
        {languages.map(({ code, name }, i) => (
          <li key={code} className="flex items-center gap-2">
            <span className="w-12 font-mono text-soft">{code}</span>
            <span className="min-w-0 flex-1 truncate">
              {name} {i === 0 && <span className="text-sm text-soft">texts are written in it</span>}
            </span>
            {i > 0 && (
              <>
                <span className="text-sm text-soft">
                  {Object.keys(project.texts?.[code] ?? {}).length} translated
                </span>
                <IconButton
                  name={`Take out ${name} with all its texts`}
                  onClick={() => edit('delete language', { code })}
                >
                  <Trash2 size={13} />
                </IconButton>
              </>
            )}
          </li>
        ))}
      </ul>
      <Field<Language>
        clears
        label="A new language, by its tag: de, fi, pt-BR"
        value=""
        read={(text) => readLanguage(text, languages)}
        onChange={(language) => edit('add language', language)}
      />
      <p className="text-sm text-soft">
        Choose it below the game, and the words you type over the picture are in that language. Players begin
        in their system’s; to let them choose, put <i>Row for the language</i> on a screen.
      </p>
    </Group>
  );
}

/** Reads a BCP 47 tag. */
function readLanguage(text: string, known: readonly Language[]): { ok: Language } | { error: string } {
  const wrong = { error: 'Write a language tag, such as de, fi or pt-BR.' };
  try {
    const [code] = Intl.getCanonicalLocales(text.trim());
    if (!code || !/^[a-z]{2,3}(-|$)/i.test(code)) return wrong;
    if (known.some((language) => language.code === code)) return { error: 'It is there already.' };
    const nameIn = (reader: string): string | undefined =>
      new Intl.DisplayNames([reader], { type: 'language', fallback: 'none' }).of(code);
    const name = nameIn('en');
    const own = nameIn(code);
    if (!name) return wrong;
    const ownName = own && own[0]!.toLocaleUpperCase(code) + own.slice(1);
    return { ok: { code, name, ...(ownName === name ? {} : { ownName }) } };
  } catch {
    return wrong;
  }
}
