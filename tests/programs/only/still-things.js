console.log("gardener".substr(-3), "gardener".substr(1, 3), (1234567.8915).toLocaleString("en-US"), (999).toLocaleString(), (-12345.5).toLocaleString());
console.log([1, [2, [3, [4]]]].flat(Infinity), [1, [2, [3, [4]]]].flat(2));
const beds = ["bean", "rose", "pea"];
console.log(beds.splice(1, 1, "mint", "fern"), beds, beds.splice(-1, 1, "x"), beds);
const bed = Object.freeze({ plant: "rose", more: [1] });
bed.more.push(2);
console.log(bed, Object.isFrozen(bed), Object.isFrozen({}));
const f = Object.freeze([1, 2]);
try { f.push(3); } catch (e) { console.log(e.name); }
console.log(f);
const o = { next: null, v: 1 }; let prev = null, cur = o;
while (cur) [cur.next, prev, cur] = [prev, cur, cur.next];
console.log(prev);
beds.splice(0, 1, "q");
console.log(beds);
