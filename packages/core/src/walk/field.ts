/** What stands in a field of a file, told without the library that checks it: with `?` it may be left out. */
export type FieldWord =
  | 'id'
  | 'id?'
  | 'name?'
  | 'duration'
  | 'duration?'
  | 'expression'
  | 'expression?'
  | 'arguments?'
  /** One of these words. */
  | readonly string[];
