import type { Rebound } from '../keys';
import type { Flow } from '../compile';
import type { Scalar } from '../model';
import type { Before } from './step';
import { chosenValues, type RunState } from './state';

/** What outlasts a run: what players have chosen for themselves, and saved games. */
export function keptOf(flow: Flow, state: RunState): Required<Before> {
  const settings = Object.entries(chosenValues(state)).filter(
    ([id]) => flow.values.get(id)?.life === 'settings',
  );
  return { values: Object.fromEntries(settings), rebound: state.rebound, saves: state.saves };
}

/** Reads what was kept, from wherever it has been: what is not as it should be is left out. */
export function readKept(from: unknown): Before {
  const { values, rebound, saves } = isThing(from) ? from : {};
  return {
    values: scalarsIn(values),
    saves: Object.fromEntries(entriesOf(saves).map(([slot, held]) => [slot, scalarsIn(held)])),
    rebound: Object.fromEntries(
      entriesOf(rebound).map(([action, own]): [string, Rebound[string]] => {
        const { keys, pad } = isThing(own) ? own : {};
        return [
          action,
          {
            ...(Array.isArray(keys) && keys.every((key) => typeof key === 'string') ? { keys } : {}),
            ...(Array.isArray(pad) && pad.every((item) => Number.isInteger(item)) ? { pad } : {}),
          },
        ];
      }),
    ),
  };
}

type Thing = Record<string, unknown>;
const isThing = (value: unknown): value is Thing =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const entriesOf = (value: unknown): [string, unknown][] =>
  isThing(value) ? Object.entries(value).slice(0, 1000) : [];
const isScalar = (value: unknown): value is Scalar => ['boolean', 'number', 'string'].includes(typeof value);
const scalarsIn = (value: unknown): Record<string, Scalar> =>
  Object.fromEntries(entriesOf(value).filter((entry): entry is [string, Scalar] => isScalar(entry[1])));
