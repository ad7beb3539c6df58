/** A binary heap of nodes by key, the least on top; of equal keys the one put in first. */
export class Heap {
  private readonly keys: number[] = [];
  private readonly order: number[] = [];
  private readonly nodes: number[] = [];
  private count = 0;
  size = 0;

  clear(): void {
    this.size = 0;
    this.count = 0;
  }

  leastKey(): number {
    return this.keys[0] as number;
  }

  push(key: number, node: number): void {
    const { keys, nodes, order } = this;
    const mark = this.count++;
    let i = this.size++;
    while (i > 0) {
      const up = (i - 1) >> 1;
      // Put in later, so an equal key stays below.
      if ((keys[up] as number) <= key) break;
      keys[i] = keys[up] as number;
      nodes[i] = nodes[up] as number;
      order[i] = order[up] as number;
      i = up;
    }
    keys[i] = key;
    nodes[i] = node;
    order[i] = mark;
  }

  /** Takes out the node with the least key. */
  pop(): number {
    const { keys, nodes, order } = this;
    const top = nodes[0] as number;
    const size = --this.size;
    const key = keys[size] as number;
    const node = nodes[size] as number;
    const mark = order[size] as number;
    let i = 0;
    for (;;) {
      let down = 2 * i + 1;
      if (down >= size) break;
      if (down + 1 < size && this.before(down + 1, down)) down++;
      const less = (keys[down] as number) - key;
      if (less > 0 || (less === 0 && (order[down] as number) > mark)) break;
      keys[i] = keys[down] as number;
      nodes[i] = nodes[down] as number;
      order[i] = order[down] as number;
      i = down;
    }
    keys[i] = key;
    nodes[i] = node;
    order[i] = mark;
    return top;
  }

  private before(a: number, b: number): boolean {
    const less = (this.keys[a] as number) - (this.keys[b] as number);
    return less < 0 || (less === 0 && (this.order[a] as number) < (this.order[b] as number));
  }
}
