function Bed(name) { this.name = name; }
Bed.prototype.called = function () { return this.name; };
for (const key in { herbs: 1, roses: 2 }) console.log(key);
for (const place in ["pea", "kale"]) console.log(place, new Bed("x").called());
