class Dog { constructor(n) { this.n = n; } bark() { console.log(n); } }
const d = new Dog("Rex");
d.bark();
