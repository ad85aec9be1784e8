console.log(/(?<y>\d+)-(?<m>\d+)(?<d>-\d+)?/.exec("on 2031-05 x"));
const r = /(\d)(?<k>[a-z])/g;
for (const m of "1a 2b".matchAll(r)) { const { groups: { k } } = m; console.log(k, m.groups.k); }
console.log("no".match(/x/)?.groups?.k);
