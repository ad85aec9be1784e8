const garden = {
  name: "Fernhollow",
  beds: [],
  addBed(crop, size) {
    this.beds.push({ crop, size, id: this.beds.length + 1 });
    return this;
  },
  get area() {
    return this.beds.reduce((sum, { size }) => sum + size, 0);
  },
  describe: function () {
    return `${this.name} has ${this.beds.length} beds and ${this.area} square metres`;
  },
};
garden.addBed("bean", 4).addBed("pea", 6.5);
console.log(garden.describe());
const copy = { ...garden.beds[0], size: 9 };
copy.tags = ["new"];
console.log(copy, garden.beds[0]);
delete copy.tags;
console.log("tags" in copy, copy.tags === undefined, copy.tags?.length);
for (const key in copy) console.log(key, "=", copy[key]);
const { crop, ...others } = copy;
console.log(crop, others, Object.values(others), Object.assign({ a: 1 }, { b: 2 }));
console.log(Object.fromEntries(garden.beds.map((b) => [b.crop, b.size])));
