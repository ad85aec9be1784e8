// Parts of a list are taken out and put together.
const basket = ["beans", "kale", "pea", "leek"];
basket.splice(1, 2);
console.log(basket);
const all = basket.concat(["rose", "plum"]);
console.log(all.length);
all.forEach((plant) => {
  console.log(plant);
});
