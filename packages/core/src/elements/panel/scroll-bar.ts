import type { PanelElement } from '../../model';

/** Design pixels between a scroll bar and the edges of its panel. */
export const BAR_AWAY = 6;
/** How wide a scroll bar is that has no width of its own, in design pixels. */
const BAR_WIDTH = 12;

/** How wide the scroll bars of a panel are, in design pixels. */
export const barWidth = ({ parts }: PanelElement): number =>
  Math.max(1, parts?.scrollTrack?.width ?? parts?.scrollThumb?.width ?? BAR_WIDTH);

/** Whether scroll bars are drawn on a panel where there is more in it than fits. */
export const hasBars = ({ overflow, scrollBars }: PanelElement): boolean =>
  overflow === 'scrolls' && scrollBars === true;
