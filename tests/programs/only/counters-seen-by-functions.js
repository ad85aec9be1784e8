let i;
for (i = 0; i < 3; i++) console.log("x");
console.log(i);
const fs = [];
for (i = 0; i < 3; i++) fs.push(i);
console.log(fs, i);
for (i = 0; i < 3; i++) { fs.push(() => 5); }
console.log(i);
var j;
for (j = 0; j < 3; j++) { fs.push(() => j); }
console.log(j, fs[5]());
