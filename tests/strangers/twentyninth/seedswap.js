'use strict';
// seed swap
const seeds = [
  { kind: 'bean', packs: 4, owner: { name: 'Ada', form: '3b' } },
  { kind: 'pea', packs: 0, owner: { name: 'Bo', form: '3a' } },
  { kind: 'kale', packs: 2, owner: null },
];
const label = ({ kind, packs: n = 1, owner }) => `${kind.padEnd(6, '.')}${String(n).padStart(3)} ${owner?.name ?? 'nobody'}`;
seeds.map(label).forEach((l, i) => console.log(i + 1 + ')', l));

class Swap {
  #log = [];
  static #count = 0;
  constructor(items) {
    this.items = new Map(items.map(s => [s.kind, { ...s }]));
    Swap.#count += 1;
  }
  give(kind, n = 1) {
    const item = this.items.get(kind);
    if (!item) throw new Error(`no ${kind}`);
    if (item.packs < n) {
      this.#log.push(`${kind}: short by ${n - item.packs}`);
      return false;
    }
    item.packs -= n;
    this.#log.push(`${kind}: -${n}`);
    return true;
  }
  get log() { return [...this.#log]; }
  static get count() { return Swap.#count; }
  *[Symbol.iterator]() { for (const [, v] of this.items) yield v; }
}
const swap = new Swap(seeds);
for (const [k, n] of [['bean', 3], ['pea', 1], ['corn', 1]]) {
  try {
    console.log(k, swap.give(k, n));
  } catch ({ message }) {
    console.log('!', message);
  }
}
console.log(swap.log, Swap.count);
console.log([...swap].filter(s => s.packs > 0).map(s => s.kind));
const grouped = seeds.reduce((acc, { owner, kind }) => {
  const key = owner ? owner.form : 'none';
  (acc[key] ||= []).push(kind);
  return acc;
}, {});
console.log(grouped, Object.keys(grouped).length);
console.log(JSON.stringify(seeds, null, 1).split('\n').length);
