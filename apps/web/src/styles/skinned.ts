import { lean, withId, type BoxLook, type Id, type Skin, type TextLook } from '@tavu/core/model';
import { edit, useSkin, useStudio } from '../store';

/** Changes of what looks are shared: those of the skin that is worn, else the project's own. */

export function wornSkin(): Skin | undefined {
  const { worn } = useSkin.getState();
  return withId(useStudio.getState().project.skins, worn ?? undefined);
}

type Looks = { text: TextLook; box: BoxLook };

export function changeLook<K extends keyof Looks>(
  of: K,
  style: Id,
  change: Partial<Looks[K]>,
  key?: string,
): void {
  const skin = wornSkin();
  const step = key === undefined ? {} : { key: `${key} ${style}` };
  if (!skin) {
    if (of === 'text') edit('change text style', { style, change: change as Partial<TextLook> }, step);
    else edit('change box style', { style, change: change as Partial<BoxLook> }, step);
    return;
  }
  const said = skin[of]?.find((use) => use.style === style) ?? { style };
  putUse(skin, of, { ...said, ...change }, step);
}

/** A setting is as the project has it again. */
export function resetLook(of: keyof Looks, style: Id, name: string): void {
  const skin = wornSkin();
  const said = skin?.[of]?.find((use) => use.style === style);
  if (skin && said) putUse(skin, of, { ...said, [name]: undefined }, {});
}

/** What a skin says of a style; of one that is as the project has it, nothing. */
function putUse(skin: Skin, of: keyof Looks, use: { style: Id }, step: { key?: string }): void {
  const next = lean(use);
  const others = (skin[of] ?? []).filter(({ style }) => style !== use.style);
  const all = Object.keys(next).length > 1 ? [...others, next] : others;
  edit('change skin', { skin: skin.id, change: { [of]: all.length > 0 ? all : undefined } }, step);
}

/** Names of what a skin says of a style; null for the project's own look. */
export function saidOf(skin: Skin | undefined, of: keyof Looks, style: Id): ReadonlySet<string> | null {
  if (!skin) return null;
  const use = skin[of]?.find((one) => one.style === style) ?? {};
  return new Set(Object.keys(use).filter((name) => name !== 'style'));
}

export function changeColour(colour: Id, to: string): void {
  const skin = wornSkin();
  const step = { key: `colour ${colour}` };
  if (!skin) edit('change colour', { colour, change: { colour: to } }, step);
  else
    edit(
      'change skin',
      {
        skin: skin.id,
        change: {
          colours: [...(skin.colours ?? []).filter((said) => said.colour !== colour), { colour, is: to }],
        },
      },
      step,
    );
}
