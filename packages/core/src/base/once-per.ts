/**
 * A function of one object that is worked out once for each and kept as long as the object is.
 *
 * @param of must depend on nothing else, and the object must not change afterwards.
 */
export function oncePer<K extends object, V>(of: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { value: V }>();
  return (key) => {
    const before = known.get(key);
    if (before) return before.value;
    const value = of(key);
    known.set(key, { value });
    return value;
  };
}
