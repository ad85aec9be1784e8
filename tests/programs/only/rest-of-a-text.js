const word = "héllo";
const [first, ...rest] = word;
console.log(first, rest);
const [head, , third = "z", ...tail] = "hello";
console.log(head, third, tail);
const [one, ...others] = [1, 2, 3];
console.log(one, others);
