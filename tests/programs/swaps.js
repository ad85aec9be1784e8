let [a, b] = [1, 2];
[a, b] = [b, a];
console.log(a, b);
const list = [];
while (a < 60) {
  list.push(a);
  [a, b] = [b, a + b];
}
console.log(list.join(" "));
let c, d;
c = d = 4;
c++;
console.log(c, d);
const beds = [1, 2, 3];
[beds[0], beds[2]] = [beds[2], beds[0]];
console.log(beds);
