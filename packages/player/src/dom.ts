import type { SvgNode } from '@tavu/core/paint';

const SVG = 'http://www.w3.org/2000/svg';
const drawnAs = new WeakMap<Element, SvgNode>();
/** What the children of an element show, so that only those that change are looked up in the page. */
const shown = new WeakMap<Element, readonly SvgNode[]>();

/** Makes a DOM element show a node. A node that is the same object as last time costs nothing. */
export function patch(element: Element, node: SvgNode): void {
  const last = drawnAs.get(element);
  if (last === node) return;
  drawnAs.set(element, node);
  // Runs for much of the picture in every frame, so it allocates nothing.
  if (last) for (const name in last.attributes) if (!(name in node.attributes)) element.removeAttribute(name);
  for (const name in node.attributes) {
    const value = node.attributes[name]!;
    if (name !== 'xmlns' && last?.attributes[name] !== value) setAttribute(element, name, value);
  }
  if (node.text !== undefined) {
    if (last?.text !== node.text) element.textContent = node.text;
    shown.delete(element);
    return;
  }
  patchChildren(element, node.children);
}

/** A strict content security policy forbids writing the `style` attribute, and allows this. */
function setAttribute(element: Element, name: string, value: string): void {
  if (name === 'style') (element as SVGElement).style.cssText = value;
  else element.setAttribute(name, value);
}

export function patchChildren(parent: Element, nodes: readonly SvgNode[]): void {
  const last = shown.get(parent);
  for (let i = 0; i < nodes.length; i++) {
    const node = nodes[i]!;
    if (last?.[i] === node) continue;
    let child = parent.children[i];
    if (!child || child.localName !== node.tag) {
      const made = document.createElementNS(SVG, node.tag);
      if (child) child.replaceWith(made);
      else parent.append(made);
      child = made;
    }
    patch(child, node);
  }
  if (last?.length !== nodes.length)
    while (parent.children.length > nodes.length) parent.lastElementChild!.remove();
  shown.set(parent, nodes);
}

export const svgElement = (): SVGSVGElement => document.createElementNS(SVG, 'svg');
