import fc from 'fast-check';
import { keepsItsRules } from '../packages/core/src/test/strides';

/**
 * Plays and edits so many random projects, two hundred strides each, until one breaks a rule. Returns what broke, in words,
 * with the seed that makes it again; null when every rule held.
 */
export function measureRules(projects: number): { seconds: number; broke: string | null } {
  const from = performance.now();
  const details = fc.check(keepsItsRules(200), { numRuns: projects, endOnFailure: true });
  const { errorInstance } = details;
  return {
    seconds: (performance.now() - from) / 1000,
    broke: details.failed
      ? `After ${details.numRuns} projects, seed ${details.seed}, path ${details.counterexamplePath}: ${String(errorInstance)}`
      : null,
  };
}
