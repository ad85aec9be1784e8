const size = 1;
for (const size of [2, 3]) {
  const grow = () => size; const o = { size, other: grow() };
  console.log(o.size, o.other, Object.keys(o));
}
for (const name of ["a", "b"]) { const bed = { name: name, "size": size, [name]: 1 }; console.log(bed); }
const name = "z"; console.log(name, size);
function f({ size, name = "n" }) { const g = () => size; if (size > 1) { const size = 0; console.log(size, name); } return g(); }
console.log(f({ size: 5 }), f({ size: 0, name }));
if (size) { const size = 4; const o = { size() { return 10; }, get area() { return 7; } }; console.log(o.size(), o.area, size, Object.keys(o)); }
