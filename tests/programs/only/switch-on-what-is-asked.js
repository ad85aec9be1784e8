class Hen { constructor() { this.eggs = 4; this.asked = 0; } get kind() { this.asked++; return "hen"; } many() { this.asked++; return 2; } }
const h = new Hen();
switch (h.kind) { case "cock": console.log("crow"); break; case "hen": console.log("cluck"); break; default: console.log("?"); }
switch (h.many()) { case 1: console.log("one"); break; case 2: console.log("two"); }
console.log(h.asked);
function sort(n) { console.log("asked", n); return n > 3 ? "big" : "small"; }
for (const n of [1, 5]) {
  switch (sort(n)) {
    case "big":
      console.log("B");
      break;
    case "small":
    case "tiny":
      console.log("S");
      break;
    default:
      console.log("never");
  }
}
const tell = (n) => { switch (sort(n)) { case "big": return 1; default: return 2; } };
console.log(tell(1), tell(9));
