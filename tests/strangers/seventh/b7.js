function Bed(name, plants) {
  this.name = name;
  this.plants = plants || [];
}
Bed.prototype.add = function (p) { this.plants.push(p); return this; };
Bed.prototype.describe = function () { return this.name + ": " + (this.plants.length ? this.plants.join(", ") : "empty"); };
var b = new Bed("North");
console.log(b.describe());
b.add("kale").add("leek");
console.log(b.describe());
console.log(Object.keys(b), b.hasOwnProperty("name"), "add" in b);
