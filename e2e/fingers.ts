import type { Desk } from './desk';

/** Fingers on the game, as the system reports them; points are shares of its picture. */
export async function fingers(desk: Desk) {
  const session = await desk.page.context().newCDPSession(desk.page);
  const box = (await desk.game.boundingBox())!;
  const down = new Map<number, { x: number; y: number; id: number }>();
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', touchPoints: object[]) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints } as never);
  const put = (id: number, [x, y]: readonly [number, number]): void =>
    void down.set(id, { x: box.x + x * box.width, y: box.y + y * box.height, id });
  const on = {
    down: async (id: number, at: readonly [number, number]) => {
      put(id, at);
      await send('touchStart', [...down.values()]);
    },
    move: async (id: number, at: readonly [number, number]) => {
      put(id, at);
      await send('touchMove', [...down.values()]);
    },
    up: async (id: number) => {
      // What is named is what comes up; with nothing named, all that is down.
      const lifted = down.get(id)!;
      down.delete(id);
      await send('touchEnd', down.size > 0 ? [lifted] : []);
    },
  };
  return {
    ...on,
    tap: async (at: readonly [number, number], id = 0) => {
      await on.down(id, at);
      await on.up(id);
    },
    swipe: async (from: readonly [number, number], to: readonly [number, number], id = 0) => {
      await on.down(id, from);
      await on.move(id, to);
      await on.up(id);
    },
    two: async (a: readonly [number, number], b: readonly [number, number]) => {
      await on.down(0, a);
      await on.down(1, b);
      await on.up(0);
      await on.up(1);
    },
  };
}
