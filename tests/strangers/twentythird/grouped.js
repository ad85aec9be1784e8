const people = [{n: "Ada", k: "bean"}, {n: "Bo", k: "rose"}, {n: "Cy", k: "bean"}];
const keyOf = (p) => { console.log("asked", p.n); return p.k; };
const groups = {};
for (const p of people) (groups[keyOf(p)] ??= []).push(p.n);
for (const p of people) { groups[keyOf(p)] ??= []; groups[keyOf(p)].push(p.n); }
const byLength = {};
for (const w of ["a", "bb", "c"]) { byLength[w.length] ||= []; byLength[w.length].push(w); }
console.log(groups, byLength);
