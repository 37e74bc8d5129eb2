export type { Rect, Solved, Span, Axis } from './rect';
