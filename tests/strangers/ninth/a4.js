function Plant(name, height) { this.name = name; this.height = height; }
Plant.prototype.grow = function (cm) { this.height += cm; return this; };
Plant.prototype.toString = function () { return this.name + " (" + this.height + " cm)"; };
var p = new Plant("fern", 10);
p.grow(5).grow(2);
console.log("" + p);
var garden = { plants: [], add: function (plant) { this.plants.push(plant); return this; }, tallest: function () { var best = this.plants[0]; for (var i = 1; i < this.plants.length; i++) if (this.plants[i].height > best.height) best = this.plants[i]; return best; } };
garden.add(p).add(new Plant("rose", 90));
console.log(garden.tallest().name, garden.plants.length);
for (var key in { a: 1, b: 2 }) console.log(key);
setTimeout(function () { console.log("later"); }, 10);
console.log("now");
