let x = 3; if (x > 2) console.log("a"); else ;
if (x < 2) ; else console.log("b");
while (x-- > 0) ;
console.log(x);