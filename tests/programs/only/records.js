const plants = [
  { name: "mint", height: 30 },
  { name: "fern", height: 80 },
];
plants.push({ name: "moss", height: 2 });
plants.sort((a, b) => a.height - b.height);
for (const plant of plants) {
  console.log(plant.name, plant.height);
}
plants.sort((a, b) => b.height - a.height);
console.log(plants.map((plant) => plant.name).join(", "), plants[0].name);
console.log(plants.filter((plant) => plant.height > 10).length, plants.find((plant) => plant.name === "fern").height);
console.log(plants);
