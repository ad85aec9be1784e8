const max = 10;
console.log(max);
max = 20;
console.log(max);
