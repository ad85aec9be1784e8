const first = [1, 2];
const second = first;
const third = [...first];
second.push(3);
third.push(9);
console.log(first, third, first === second, first === third);
function grow(beds) {
  beds.push("new");
  beds = ["other"];
  return beds;
}
const plants = ["rose"];
console.log(grow(plants), plants);
const plot = { size: 3 };
const same = plot;
same.size = 4;
console.log(plot, plot === same, [] === []);
const rows = new Array(2).fill([]);
rows[0].push(1);
console.log(rows);
