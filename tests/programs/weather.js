const days = [12, 17, 9, 21];
let warm = 0;
for (const day of days) {
  if (day > 15 && day < 30) {
    warm++;
  } else if (day === 9) {
    continue;
  }
}
console.log("warm days: " + warm);
console.log(days.map((d) => d * 2).join(" "));
const total = days.length;
console.log(total / 3, Math.floor(total / 3), total % 3, 2 ** 5);
let text = "";
for (let i = days.length - 1; i >= 0; i--) {
  text += days[i] + ",";
}
console.log(text);
