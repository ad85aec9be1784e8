console.log("start");
setTimeout(() => console.log("c"), 30);
setTimeout(function () { console.log("a"); setTimeout(() => console.log("a2"), 5); }, 10);
setTimeout(() => { console.log("zero"); }, 0);
for (let i = 0; i < 3; i++) setTimeout(() => console.log("i", i), 20);

const id = setTimeout(() => console.log("never"), 15);
clearTimeout(id);
let n = 0;
const timer = setInterval(() => {
  n++;
  console.log("tick", n);
  if (n === 3) clearInterval(timer);
}, 100);
function greet(name, times) { console.log("hi " + name + times); }
setTimeout(greet, 50, "Wren", 2);
const waits = { name: "w", go() { setTimeout(() => console.log(this.name), 60); } };
waits.go();
console.log("end");
