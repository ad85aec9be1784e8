// Functions between the rows of the script, one called above its definition by another.
console.log("Beds of the day");
let total = 0;

function plant(number, row = 1) {
  total += number;
  note(`planted ${number} in row ${row}`);
}

function note(text) {
  console.log("- " + text);
}

function even(number) {
  return number % 2 === 0;
}

console.log(even(3));
plant(4);
plant(3, 2);
console.log(total);
