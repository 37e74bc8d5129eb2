import { MOVES, nameInMark, writtenMark, type Lasting, type Mark } from '@tavu/core/marks';
import { keysBeside } from '@tavu/core/keys';
import { identifierOf, isPicture, titleCase, type Project } from '@tavu/core/model';
import { colourOf } from '@tavu/core/style';
import type { Choice } from '../ui';
import { Swatch } from './ColourField';

/** What a mark does with a text: it goes round what is chosen, or stands where the typing is. */
export type Marking = { around: Lasting } | { put: string };

/** All that can be marked in a text or put into it; `paced`: it is a line, that comes letter by letter. */
export function markChoices(project: Project, paced: boolean, onPick: (marking: Marking) => void): Choice[] {
  const around = (group: string, mark: Lasting, label: string, look?: Choice['label']): Choice => ({
    key: writtenMark(mark),
    group,
    words: `${group} ${label}`,
    label: look ?? label,
    onPick: () => onPick({ around: mark }),
  });
  const put = (group: string, written: string, label: string): Choice => ({
    key: written,
    group,
    words: `${group} ${label}`,
    label,
    onPick: () => onPick({ put: written }),
  });
  const { colours = [], text } = project.styles;
  return [
    ...colours.map((colour) =>
      around(
        'Colour',
        { mark: 'colour', name: nameInMark(colour.name) },
        colour.name,
        <span className="flex items-center gap-1.5">
          <Swatch colour={colourOf(project, colour.colour)} /> {colour.name}
        </span>,
      ),
    ),
    ...SIZES.map((percent) => around('Size', { mark: 'size', percent }, `${percent} %`)),
    ...text.map(({ name }) => around('Text style', { mark: 'style', name: nameInMark(name) }, name)),
    ...MOVES.map((mark) => around('Movement', { mark }, titleCase(mark))),
    ...project.actions.map((action) =>
      put('Key of', `{${identifierOf(action.name)}}`, `${titleCase(action.name)}${keysBeside(action)}`),
    ),
    ...project.assets
      .filter(isPicture)
      .map(({ name }) => put('Picture', writtenMark({ mark: 'picture', name }), name)),
    ...(paced ? PACE.map(([mark, label]) => put('Pace', writtenMark(mark), label)) : []),
  ];
}

const SIZES = [75, 125, 150, 200];

const PACE: [Mark, string][] = [
  [{ mark: 'pace', times: 2 }, 'Slower from here'],
  [{ mark: 'pace', times: 0.5 }, 'Faster from here'],
  [{ mark: 'pace', times: 1 }, 'As usual from here'],
  [{ mark: 'wait', for: '0.5 s' }, 'Wait half a second'],
];
