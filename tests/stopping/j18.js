let s = "abc";
s[0] = "x";
console.log(s);
console.log(s.toUppercase());
