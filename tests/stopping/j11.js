console.log(y);
let y = 3;
