function one() { const show = (x) => { console.log(x); return x; }; return show(3); }
function two() { const show = (a, b) => { console.log(a, b); }; show("a", 4); }
one(); two();
if (true) {
  const show = (d) => d * 2;
  console.log(show(1.5));
}
const show = () => { console.log("none"); };
show();
for (const show of [() => 1, (a) => 2]) console.log(show());
