function find(plants, wanted) {
  for (let i = 0; i < plants.length; i++) {
    if (plants[i] === wanted) {
      return i;
    }
  }
  return -1;
}

const plants = ["bean", "kale", "leek", "pea"];
console.log(find(plants, "leek"));
console.log(find(plants, "rose"));
console.log(plants.indexOf("pea"));
