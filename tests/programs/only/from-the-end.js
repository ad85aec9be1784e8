const l = [3, 1, 2];
console.log(l.toSorted(), l.toSorted((a, b) => b - a), l.toReversed(), l);
console.log(l.reduceRight((a, b) => a + "-" + b), ["a", "b"].reduceRight((a, b) => a + b, "z"), l.reduceRight((a, b) => a - b));
const people = [{ n: "B" }, { n: "A" }];
console.log(people.toSorted((a, b) => a.n.localeCompare(b.n)).map(p => p.n), people[0].n);
