const plant = { name: "bean", height: 12, water() { this.height += 3; return this.height; } };
plant.water();
plant.water();
console.log(plant.name + " is " + plant.height + " cm");
const { name, height: h } = plant;
console.log(name, h);
const copy = { ...plant, name: "pea" };
console.log(copy.name, plant.name, Object.keys(copy).length);
delete copy.height;
console.log("height" in copy, copy.height);
for (const key in plant) {
  if (typeof plant[key] !== "function") console.log(key, plant[key]);
}
