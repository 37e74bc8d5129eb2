import type { BoxUse, Id, Project, TextUse, TooltipLook } from '../model';

/**
 * How tooltips look: as the project says, else in the default styles, else in colours that can be read over anything.
 */
export function tooltipLook({ styles }: Project): TooltipLook {
  if (styles.tooltip) return styles.tooltip;
  const has = (id: Id, among: readonly { id: Id }[]): boolean => among.some((item) => item.id === id);
  const words: TextUse = { style: 't-body', size: 28, align: 'start' };
  const panel: BoxUse = { style: 'b-panel' };
  return {
    text: has('t-body', styles.text) ? words : { ...words, colour: '#d9e2e6' },
    box: has('b-panel', styles.box)
      ? panel
      : { ...panel, fill: '#0d2338', border: '#3d607c', borderWidth: 3, corner: 10 },
  };
}
