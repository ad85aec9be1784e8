console.log(0.1 + 0.2, 1e21, 1e16, 123456789.123, 1e-7, 0.00001, 1 / 3, 100.0, -0, 5e-324);
console.log(1 / 0, -1 / 0, 0 / 0, NaN === NaN, 0 === -0, 2 ** 53 + 1, 9007199254740993);
console.log((2.345).toFixed(2), (1.005).toFixed(2), (0).toFixed(1), (1234.5).toFixed(0), (-2.5).toFixed(0));
console.log(parseInt("12px"), parseInt("x"), parseFloat("2.5kg"), Number("12"), Number(""), Number("a"), parseInt("101", 2), parseInt("z", 36));
console.log((255).toString(16), (5).toString(2), String(12.50), (12).toString());
console.log(Number.isInteger(5.0), Number.isInteger(5.5), isNaN("x"), isNaN("3"));
