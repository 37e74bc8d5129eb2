import { STATES, type BoxFace, type BoxLook, type FacePicture, type StateName } from '../model';

const CLEAR = '#00000000';

/**
 * What changes of a look when it gets a picture, or loses it (`undefined`; `none` where another’s would be seen). A first picture takes the place of what was drawn: fill,
 * border and gradient go, in every state where the normal face gets it.
 * @param state the state it is for; null for the normal face
 */
export function dressed(
  look: BoxLook,
  state: StateName | null,
  picture: FacePicture | 'none' | undefined,
): Partial<BoxLook> {
  const own = state === null ? look.picture : look[state]?.picture;
  const before = own !== undefined && own !== 'none';
  if (state !== null) {
    const face = { ...look[state], picture };
    return { [state]: typeof picture === 'object' && !before ? bare(face) : face };
  }
  if (typeof picture !== 'object' || before) return { picture };
  const change: Partial<BoxLook> = { picture, fill: CLEAR, border: CLEAR, gradient: undefined };
  for (const name of STATES) {
    const face = look[name];
    if (!face || face.picture !== undefined) continue;
    const { fill: _, border: __, gradient: ___, ...rest } = face;
    change[name] = rest;
  }
  return change;
}

const bare = ({ gradient: _, ...face }: Partial<BoxFace>): Partial<BoxFace> => ({
  ...face,
  fill: CLEAR,
  border: CLEAR,
});
