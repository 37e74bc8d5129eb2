/** Adds to the list that a key has in a map of lists, which begins with its first item. */
export function addTo<K, T>(lists: Map<K, T[]>, key: K, item: T): void {
  const list = lists.get(key);
  if (list) list.push(item);
  else lists.set(key, [item]);
}
