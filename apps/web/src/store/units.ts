import { timeIn, UNITS, type Rates, type Unit } from '@tavu/core/model';
import { create } from 'zustand';
import { useStudio } from './store';

/** The unit times are read in, wherever they are worked out; what is written keeps the unit it was written in. */
export const useUnits = create<{ unit: Unit }>(() => ({ unit: 's' }));

const KEY = 'tavu unit';

export function readUnit(): void {
  const kept = localStorage.getItem(KEY) as Unit | null;
  if (kept && UNITS.includes(kept)) useUnits.setState({ unit: kept });
}

export function setUnit(unit: Unit): void {
  localStorage.setItem(KEY, unit);
  useUnits.setState({ unit });
}

/** A moment of the run: in seconds to the millisecond, else in the unit times are read in. */
export const momentIn = (micros: number, unit: Unit, rates: Rates): string =>
  // Rounded as a whole number first, so that two halves of a millisecond are never rounded differently.
  unit === 's' ? (Math.round(micros / 1000) / 1000).toFixed(3) : timeIn(micros, unit, rates);

/** Puts moments of the run, in microseconds, into the unit that times are read in. */
export function useMoments(): (micros: number) => string {
  const unit = useUnits((units) => units.unit);
  const rates = useStudio((studio) => studio.project.rates);
  return (micros) => momentIn(micros, unit, rates);
}
