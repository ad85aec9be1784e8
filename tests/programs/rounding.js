const area = 7 / 3;
console.log(Math.round(area), Math.floor(area), Math.ceil(area));
console.log(Math.max(3, 8, 5), Math.min(3, 8, 5), Math.abs(-4));
console.log(Math.sqrt(49), 2 ** 5);
