const EventEmitter = require('events');
class Bed extends EventEmitter {
  constructor(name) { super(); this.name = name; this.water = 0; }
  pour(l) { this.water += l; this.emit('watered', l, this.water); if (this.water > 10) this.emit('flooded', this.name); }
}
const bed = new Bed('kale');
bed.on('watered', (l, total) => console.log(`+${l} = ${total}`));
bed.once('flooded', n => console.log(`${n} is flooded!`));
bed.pour(4); bed.pour(8); bed.pour(1);
