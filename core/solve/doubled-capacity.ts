type Numbers = Float64Array | Int32Array;

/** The same numbers with twice the room. */
export function doubledCapacity<A extends Numbers>(numbers: A, Kind: new (length: number) => A): A {
  const more = new Kind(numbers.length * 2);
  more.set(numbers);
  return more;
}
