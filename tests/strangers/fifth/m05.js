class Vehicle {
  constructor(wheels, speed = 0) {
    this.wheels = wheels;
    this.speed = speed;
  }
  accelerate(by) {
    this.speed += by;
    console.log(`${this.constructor.name} at ${this.speed}`);
  }
  get isMoving() {
    return this.speed > 0;
  }
}
class Bike extends Vehicle {
  constructor() {
    super(2);
    this.bell = "ring";
  }
  ring() { return this.bell.repeat(2); }
}
const b = new Bike();
b.accelerate(5);
b.accelerate(-5);
console.log(b.isMoving, b.ring(), b instanceof Vehicle, b.wheels);
const v = new Vehicle(4, 30);
console.log(v);
const list = [v, b];
list.forEach((x, i) => console.log(i, x.speed));
console.log("speed" in v, v.hasOwnProperty("bell"), v.colour === undefined);
