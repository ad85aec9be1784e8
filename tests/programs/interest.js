let money = 100;
let year = 0;
while (money < 150) {
  money *= 1.05;
  year++;
  console.log(year, money.toFixed(2), Math.round(money * 100) / 100);
}
console.log(money);
