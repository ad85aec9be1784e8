function Animal(name, sound) {
  this.name = name;
  this.sound = sound;
}
Animal.prototype.speak = function () {
  return this.name + ' says ' + this.sound;
};
const hen = new Animal('Hen', 'cluck');
console.log(hen.speak());
console.log(hen instanceof Animal);
const date = { year: 2026, month: 3, day: 9 };
const format = ({ year, month, day }) => [year, month, day].map(n => String(n).padStart(2, '0')).join('-');
console.log(format(date));
const isLeap = y => (y % 4 === 0 && y % 100 !== 0) || y % 400 === 0;
console.log([1900, 2000, 2024, 2026].filter(isLeap));
function daysIn(month, year) {
  if (month === 2) return isLeap(year) ? 29 : 28;
  return [4, 6, 9, 11].includes(month) ? 30 : 31;
}
let sum = 0;
for (let m = 1; m <= 12; m++) sum += daysIn(m, 2024);
console.log(sum);
