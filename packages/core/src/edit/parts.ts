import type { Id } from '../model';

/** What an edit may want said to its caller: the id of what it made. */
export type Made = Id | void;

/** Takes out in place, so that an edit which finds nothing to take out is no edit. */
export function takeOut<T>(list: T[], gone: (item: T) => boolean): void {
  for (let i = list.length - 1; i >= 0; i--) if (gone(list[i]!)) list.splice(i, 1);
}

/** Like Object.assign, but a field set to undefined is taken out. */
export function assign<T extends object>(target: T, change: Partial<T>): void {
  for (const [key, value] of Object.entries(change)) {
    if (value === undefined) delete target[key as keyof T];
    else target[key as keyof T] = value as T[keyof T];
  }
}
