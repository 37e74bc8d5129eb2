import type { Layer } from '@tavu/core/model';
import { kindFor } from '../../fields';
import { edit } from '../../store';

/** Makes a screen of a layer, of the kind its name suggests, under the first free name, and chooses it. */
export const makeScreen = (name: string, layer: Layer): void =>
  void edit(
    'add screen',
    { name, kind: kindFor(name, layer), layer, text: name },
    { chosen: (made) => ({ screen: made ?? null, element: null, link: null }) },
  );
