const max = 10;
console.log(max);
max++;
console.log(max);
