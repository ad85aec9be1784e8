console.log(Math.max(1, 5, 3), Math.min(4, 2), Math.max(...[7, 9]), Math.abs(-3.5));
console.log(Math.round(2.5), Math.round(-2.5), Math.round(1.4), Math.floor(-1.5), Math.ceil(-1.5), Math.trunc(-1.7));
console.log(Math.sqrt(16), Math.pow(2, 0.5), Math.hypot(3, 4), Math.sign(-3), Math.PI, Math.E);
console.log(Math.sin(0), Math.cos(0), Math.log10(1000), Math.atan2(1, 1), Math.log(1), Math.exp(0));
