const list = [1, 2];
console.log(list.size);
console.log(list.lenght);
