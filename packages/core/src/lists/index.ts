export {
  fieldCalled,
  firstListing,
  fitListing,
  rowsOf,
  write,
  type GivenRow,
  type ListedRow,
  type Listing,
  type ListTrouble,
  type ListWrite,
  type Written,
} from './listing';
export { madeRows } from './made';
export { listById, listOfRows, listPressed, sameShown, showsList } from './row-of';
export { savedListing, type Kept, type Saves } from './saved';
export { shownRows } from './shown';
