export {
  argumentsOf,
  changed,
  componentById,
  elementAt,
  expand,
  expandRow,
  LOOKS,
  pathOf,
  scopeOfWritten,
  writtenAt,
  type Written,
} from './expand';
export { broughtLinks, linksOn } from './links';
export { leftOut, MAX_UNFOLDED, unfoldedSize } from './unfold';
