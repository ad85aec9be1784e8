const say = (x) => console.log("say", x);
say(1);
[1, 2].map((x) => console.log(x));
const on = { click: () => console.log("clicked"), key: (k) => console.log(k) };
on.click(); on.key("a");
const fs = [() => console.log("one"), () => console.log("two")];
fs.forEach((f) => f());
function twice(f) { f(); f(); }
twice(() => console.log("twice"));
let log = (...args) => console.log(...args);
log(1, 2, 3);
const r = say(2);
console.log(r);
