function Counter(start) {
  this.value = start || 0;
}
Counter.prototype.up = function () { this.value++; return this; };
Counter.prototype.toString = function () { return 'Counter(' + this.value + ')'; };
var c = new Counter(3);
c.up().up();
console.log(String(c), c.value, c instanceof Counter);
setTimeout(function () { console.log('later'); }, 10);
setTimeout(() => console.log('sooner'), 0);
console.log('now');
