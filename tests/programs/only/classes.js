// Garden beds
class Bed {
  static count = 0;

  constructor(plant, litres = 0) {
    this.plant = plant;
    this.litres = litres;
    Bed.count++;
  }

  /** Pours some water. */
  pour(amount) {
    this.litres += amount;
    return this;
  }

  isDry() {
    return this.litres < 2;
  }

  toString() {
    return `${this.plant} (${this.litres} l)`;
  }
}

class Greenhouse extends Bed {
  constructor(plant, warmth) {
    super(plant, 1);
    this.warmth = warmth;
  }

  isDry() {
    return super.isDry() && this.warmth > 20;
  }
}

const beds = [new Bed("rose"), new Greenhouse("fern", 25), new Bed("bean", 5)];
beds[0].pour(1).pour(0.5);
for (const bed of beds) {
  console.log(String(bed), bed.isDry(), bed instanceof Greenhouse);
}
console.log(Bed.count, beds.filter((bed) => bed.isDry()).length);
console.log(beds[1]);
const dry = beds.find((bed) => bed.isDry());
if (dry) {
  console.log(`Water ${dry.plant}!`);
}
let total = 0;
beds.forEach((bed) => {
  total += bed.litres;
});
console.log("Total: " + total);

class Stack {
  constructor() {
    this.items = [];
  }
  push(item) { this.items.push(item); }
  pop() {
    if (this.items.length === 0) throw new Error("empty");
    return this.items.pop();
  }
}
const stack = new Stack();
stack.push(1);
stack.push("two");
console.log(stack.pop(), stack.pop());
try {
  stack.pop();
} catch (e) {
  console.log(e.message);
}
console.log(stack);
