let litres = 40;
let day = 0;
while (litres > 0) {
  day++;
  litres -= 9;
  if (litres < 0) {
    litres = 0;
  }
  console.log("day", day, "left", litres);
}
