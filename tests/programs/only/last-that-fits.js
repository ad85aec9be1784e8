const list = [3, 8, 1, 9, 2];
console.log(list.findLast((x) => x > 3), list.findLast((x) => x > 30), list);
const beds = [{ n: "a", p: 1 }, { n: "b", p: 1 }];
console.log(beds.findLast((b) => b.p === 1).n);
console.log(beds.findLast(({ p }) => p > 1)?.n);
