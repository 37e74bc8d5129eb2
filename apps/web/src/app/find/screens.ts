import { inMapOrder } from '@tavu/core/map';
import { layerWord } from '@tavu/core/model';
import { editingLayer } from '../../ui';
import { centreOnMap } from '../../panes/map';
import { choose } from '../../store';
import type { Finder } from './finds';

export const screens: Finder = {
  list: (project) =>
    inMapOrder(project).map(({ id, name, layer }) => ({
      group: 'Screens',
      key: id,
      label: name,
      hint: layerWord(layer),
      onPick: () => choose({ screen: id }),
      // The map takes the keyboard to the card.
      goOn: () => (centreOnMap(id) ? undefined : editingLayer()),
    })),
};

export const elements: Finder = {
  list: (project) =>
    project.screens.flatMap((screen) =>
      screen.elements.map((element) => ({
        group: 'On screens',
        key: `${screen.id} ${element.id}`,
        label: element.name,
        hint: screen.name,
        onPick: () => {
          choose({ screen: screen.id, element: element.id });
          centreOnMap(screen.id);
        },
        goOn: editingLayer,
      })),
    ),
};
