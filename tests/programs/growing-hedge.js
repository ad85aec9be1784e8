// How long a hedge takes until it is tall enough, growing slower each year.
let height = 40;
let growth = 32;
let year = 0;
while (height < 100 && growth >= 1) {
  height += growth;
  growth = growth / 2;
  year++;
  console.log(`year ${year}: ${height} cm`);
}
console.log(height >= 100 ? "tall enough" : "never");
