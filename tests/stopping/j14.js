class Dog { constructor(n) { this.n = n; } bark() { console.log(this.n); } }
const d = Dog("Rex");
