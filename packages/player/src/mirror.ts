import { accessOf, type SpokenItem, type SpokenScreen } from '@tavu/core/access';
import type { Flow } from '@tavu/core/compile';
import type { Id } from '@tavu/core/model';
import { pressMask, type Remembered, type RunState } from '@tavu/core/run';

/** How often, in milliseconds, what has changed is told; a counter that runs is not told with every frame. */
const OFTEN = 150;

/**
 * The playing screens as elements of the page that nobody sees, for screen readers: roles, names, states, in reading
 * order.
 */
export class Mirror {
  readonly #box = document.createElement('div');
  readonly #said = document.createElement('div');
  readonly #press: (serial: number, element: Id) => void;
  #last = '';
  #told = 0;
  #focus = '';
  #line: Remembered | null = null;

  constructor(root: ShadowRoot, press: (serial: number, element: Id) => void) {
    this.#press = press;
    for (const node of [this.#box, this.#said])
      node.style.cssText =
        'position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%);white-space:nowrap';
    this.#said.setAttribute('aria-live', 'polite');
    root.append(this.#box, this.#said);
  }

  /** `now` in milliseconds. */
  show(flow: Flow, state: RunState, now: number): void {
    if (now - this.#told < OFTEN) return;
    this.#told = now;
    this.#tellLine(flow, state);
    const screens = accessOf(flow, state);
    // While a transition or a closing screen masks presses, what is told is not yet to be used.
    const busy = pressMask(flow, state) !== null;
    const key = JSON.stringify([busy, screens]);
    if (key === this.#last) return;
    this.#last = key;
    this.#box.setAttribute('aria-busy', String(busy));
    this.#box.replaceChildren(...screens.map((screen) => this.#screen(screen)));
    const focused = screens.flatMap((screen) => screen.items).find((item) => item.focused);
    const words = focused ? spoken(focused) : '';
    if (words !== this.#focus) this.#said.textContent = words;
    this.#focus = words;
  }

  /** A line is announced when it begins. */
  #tellLine(flow: Flow, state: RunState): void {
    const line = state.log.at(-1) ?? null;
    if (line === this.#line) return;
    this.#line = line;
    if (!line) return;
    const name = line.speaker === null ? undefined : flow.speakers.get(line.speaker)?.name;
    this.#said.textContent = name === undefined ? line.text : `${name}: ${line.text}`;
  }

  #screen({ serial, name, role, covered, items }: SpokenScreen): HTMLElement {
    const made = element('div', { role: role === 'main' ? 'region' : role, 'aria-label': name });
    if (covered) made.setAttribute('aria-hidden', 'true');
    else if (role === 'dialog') made.setAttribute('aria-modal', 'true');
    made.append(...items.map((item) => this.#item(serial, item)));
    return made;
  }

  #item(serial: number, item: SpokenItem): HTMLElement {
    const { role, name, state, checked, disabled, share, tabs, focused, tip } = item;
    if (role === 'text') return element('p', {}, name);
    if (role === 'heading') return element('h2', {}, name);
    if (role === 'tablist') {
      const list = element('div', {
        role,
        'aria-label': name,
        ...(focused ? { 'aria-current': 'true' } : {}),
        ...(tip === undefined ? {} : { 'aria-description': tip }),
      });
      list.append(
        ...tabs!.words.map((words, i) =>
          element('div', { role: 'tab', 'aria-selected': String(i === tabs!.up) }, words),
        ),
      );
      return list;
    }
    const attributes: Record<string, string> = {
      role: role === 'choice' ? 'spinbutton' : role === 'list' ? 'group' : role,
      'aria-label': role === 'button' && state ? `${name}, ${state}` : name,
    };
    if (checked !== undefined) attributes['aria-checked'] = String(checked);
    if (disabled) attributes['aria-disabled'] = 'true';
    if (focused) attributes['aria-current'] = 'true';
    if (tip !== undefined) attributes['aria-description'] = tip;
    if (share !== undefined)
      Object.assign(attributes, {
        'aria-valuemin': '0',
        'aria-valuemax': '100',
        'aria-valuenow': String(share),
      });
    if (state !== undefined && (share !== undefined || role === 'choice'))
      attributes['aria-valuetext'] = state;
    const made = element('div', attributes, state ?? name);
    if (role !== 'progressbar' && role !== 'list')
      made.addEventListener('click', () => this.#press(serial, item.id));
    return made;
  }
}

const ROLE_WORDS: Partial<Record<SpokenItem['role'], string>> = { textbox: 'text entry', tablist: 'tabs' };

/** What has the focus, in words. */
function spoken({ role, name, state, disabled, tabs, tip }: SpokenItem): string {
  return [
    name,
    ROLE_WORDS[role] ?? role,
    state ?? tabs?.words[tabs.up],
    disabled ? 'cannot be used' : '',
    tip,
  ]
    .filter(Boolean)
    .join(', ');
}

function element(tag: string, attributes: Record<string, string>, words?: string): HTMLElement {
  const made = document.createElement(tag);
  for (const [name, value] of Object.entries(attributes)) made.setAttribute(name, value);
  if (words !== undefined) made.textContent = words;
  return made;
}
