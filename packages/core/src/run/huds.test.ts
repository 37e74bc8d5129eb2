import { compile } from '../compile';
import { down, link, Play, press } from '../test/flows';
import { validateState, reconcile } from '.';
import { season, up, set } from '../test/season';

describe('HUD pieces', () => {
  test('are up beside every base of their area, and go with it', () => {
    const play = new Play(season());
    expect(up(play)).toEqual([]);
    play.key('Enter');
    expect(up(play)).toEqual(['gauge', 'button']);
    const serials = play.state.huds.map((hud) => hud.serial);
    play.event('storm');
    expect(play.state.huds.map((hud) => hud.serial)).toEqual(serials);
  });

  test('stay up through overlays, but for one that hides by its condition and comes back', () => {
    const play = new Play(season()).key('Enter').key('Escape');
    expect(play.up).toEqual(['watch', 'pause']);
    expect(up(play)).toEqual(['gauge']);
    play.key('Enter');
    expect([play.up, up(play)]).toEqual([['watch'], ['gauge', 'button']]);
  });

  test('follow the values their condition reads', () => {
    const play = new Play(season()).key('Enter').give(set('oil', 0));
    expect(up(play)).toEqual(['button']);
    expect(up(play.give(set('oil', 3)))).toEqual(['gauge', 'button']);
  });

  test('are pressed with pointer, and never have the focus', () => {
    const play = new Play(season()).key('Enter');
    const button = play.state.huds.at(-1)!;
    expect(button.focus).toBeNull();
    const spot = { serial: button.serial, element: 'menu' };
    play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot });
    play.give({ type: 'pointer', device: 'pointer', phase: 'up', spot });
    expect(play.up).toEqual(['watch', 'pause']);
  });

  test('ask where the game came from about the base they stand beside', () => {
    const project = season();
    project.screens.find((screen) => screen.id === 'gauge')!.shownWhen = 'cameFrom(title)';
    const play = new Play(project).key('Enter');
    for (let i = 0; i < 3; i++) expect(up(play.give(set('oil', i + 1)))).toEqual(['gauge', 'button']);
    // Come back to from an overlay it is still the same base; begun there, it has come from nowhere.
    expect(up(play.key('Escape').key('Enter'))).toEqual(['gauge', 'button']);
    expect(up(new Play({ ...project, start: 'watch' }))).toEqual(['button']);
  });

  test('come and go with an edit', () => {
    const play = new Play(season()).key('Enter');
    const project = season();
    project.screens.find((screen) => screen.id === 'gauge')!.shownWhen = 'oil > 90';
    const flow = compile(project);
    const state = reconcile(flow, play.state);
    expect(state.huds.map((hud) => hud.screen)).toEqual(['button']);
    expect(validateState(flow, state)).toEqual([]);
  });
});

describe('one confirm, asked by several', () => {
  const asked = (play: Play) => play.state.overlays.at(-1)!.args.q;

  test('is told its question, and its answer goes to who asked', () => {
    const play = new Play(season()).key('Enter').key('Escape').key('ArrowDown').key('Enter');
    expect([play.up, asked(play)]).toEqual([['watch', 'pause', 'confirm'], 'Leave with 40 left?']);
    play.key('Enter');
    expect(play.up).toEqual(['title']);
    play.key('ArrowDown').key('Enter');
    expect([play.up, asked(play)]).toEqual([['title', 'confirm'], 'Quit?']);
    expect(play.key('Enter').state.ended).toBe(true);
  });

  test('an answer nobody waits for among others that are waited for only closes it', () => {
    const play = new Play(season()).key('Enter').key('Escape').key('ArrowDown').key('Enter');
    play.key('ArrowDown').key('Enter');
    expect(play.up).toEqual(['watch', 'pause']);
    expect(play.did('nowhere')).toEqual([]);
  });

  test('an answer is a dead end where the opener waits for none at all', () => {
    const project = season({}, [link('storm', down('next'), 'open', 'confirm', { args: { q: '"Sure?"' } })]);
    const play = new Play(project).key('Enter').event('storm').key('KeyE').key('Enter');
    expect(play.did('nowhere')).toMatchObject([
      { what: { kind: 'returned', screen: 'confirm', outcome: 'yes', to: 'storm' } },
    ]);
  });

  test('making way for another hands on who gets the answer', () => {
    const project = season({}, [link('lost', press('fine'), 'swap', 'confirm', { args: { q: '"?"' } })]);
    project.links.find((link) => link.from === 'pause' && link.kind === 'open')!.to = { screen: 'lost' };
    const play = new Play(project).key('Enter').key('Escape').key('ArrowDown').key('Enter').key('Enter');
    expect(play.up).toEqual(['watch', 'pause', 'confirm']);
    expect(play.key('Enter').up).toEqual(['title']);
  });

  test('goes back along the trail with its answer, to the overlay that had asked', () => {
    const project = season({}, [
      link('pause', down('next'), 'go', 'storm'),
      link('storm', down('back'), 'back', undefined, { outcome: 'x' }),
      link('pause', { on: 'returned', screen: 'storm' }, 'stay', undefined, {
        effects: [{ do: 'set', value: 'oil', to: '7' }],
      }),
    ]);
    project.screens.find((screen) => screen.id === 'storm')!.outcomes = [{ id: 'x', name: 'x' }];
    project.screens.find((screen) => screen.id === 'watch')!.trail = 'keeps';
    project.screens.find((screen) => screen.id === 'storm')!.trail = 'keeps';
    const play = new Play(project).key('Enter').key('Escape').key('KeyE');
    expect(play.up).toEqual(['storm']);
    play.key('Backspace');
    expect([play.up, play.state.values.oil]).toEqual([['watch', 'pause'], 7]);
  });

  test('a parameter left out is stood in for, and the run goes on', () => {
    const project = season();
    delete project.links.find((link) => link.args)!.args;
    const play = new Play(project).key('ArrowDown').key('Enter');
    expect([play.up, asked(play)]).toEqual([['title', 'confirm'], '']);
  });
});
