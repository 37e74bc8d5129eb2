export type { Rect, Solved, Span, Way } from './rect';
