console.log([NaN].includes(NaN), [NaN].indexOf(NaN), [1, NaN].includes(1));
console.log("[" + ([] + []) + "]", [1, 2] + [3], [1] + 1);
console.log(parseInt(""), Number(""), parseInt(" 7a"), parseInt("-"));
