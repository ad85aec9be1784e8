count = 5;
count = count + 1;
console.log(count);
