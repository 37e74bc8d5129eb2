import type { Flow } from '@tavu/core/compile';
import { paintRun, toSvg, wornSources, type Sources } from '@tavu/core/paint';
import type { RunState } from '@tavu/core/run';
import { patchChildren, svgElement } from './dom';

const STYLE =
  ':host{all:initial;display:block;outline:none;touch-action:none;user-select:none}.frame{display:block;width:100%;height:100%}';

/** What is drawn of a run in one place, in a shadow root of its own. */
export class Picture {
  readonly root: ShadowRoot;
  readonly #svg: SVGSVGElement;
  #last: { state: RunState; flow: Flow; sources: Sources; veiled: boolean } | null = null;

  constructor(host: HTMLElement) {
    this.root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
    this.root.replaceChildren();
    const style = document.createElement('style');
    style.textContent = STYLE;
    this.#svg = svgElement();
    // Pictures within it are drawn by elements of the same kind, so it is told from them by a class.
    this.#svg.setAttribute('class', 'frame');
    // The mirror is for screen readers.
    this.#svg.setAttribute('aria-hidden', 'true');
    this.root.append(style, this.#svg);
  }

  /** Draws a state, unless it is what is drawn. True when it is the first. */
  paint(flow: Flow, state: RunState, sources: Sources, veiled: boolean): boolean {
    const last = this.#last;
    const same = last?.state === state && last.flow === flow && last.sources === sources;
    if (same && last.veiled === veiled) return false;
    if (last?.flow !== flow) {
      const { width, height } = flow.frame;
      this.#svg.setAttribute('viewBox', `0 0 ${width} ${height}`);
      this.#svg.setAttribute('preserveAspectRatio', covers(flow) ? 'xMidYMid slice' : 'xMidYMid meet');
    }
    patchChildren(this.#svg, toSvg(paintRun(flow, state, veiled), wornSources(flow, sources)));
    this.#last = { state, flow, sources, veiled };
    return last === null;
  }

  /** The design pixel under a point of the page. */
  pointAt(flow: Flow, clientX: number, clientY: number): { x: number; y: number } {
    const box = this.#svg.getBoundingClientRect();
    const { width, height } = flow.frame;
    const [across, down] = [box.width / width, box.height / height];
    const scale = (covers(flow) ? Math.max(across, down) : Math.min(across, down)) || 1;
    return {
      x: (clientX - box.left - (box.width - width * scale) / 2) / scale,
      y: (clientY - box.top - (box.height - height * scale) / 2) / scale,
    };
  }
}

const covers = (flow: Flow): boolean => flow.project.design.fits === 'cover';
