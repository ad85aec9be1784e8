const list = [1];
list.append(2);
console.log(list);
