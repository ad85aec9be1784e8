let total = 0;
for (let i = 0; i < 3; i++) { total += i; }
console.log("Total", totl);
