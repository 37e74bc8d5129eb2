export {
  argumentsOf,
  changed,
  componentById,
  elementAt,
  expand,
  LOOKS,
  pathOf,
  writtenAt,
  type Written,
} from './expand';
export { broughtLinks, linksOn } from './links';
export { leftOut, MAX_UNFOLDED, unfoldedSize } from './unfold';
