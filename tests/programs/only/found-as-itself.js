const beds = new Map([["herbs", 1], ["roses", 2]]);
const names = beds.keys();
console.log([...names], [...names]);
const rows = [[1], [2]];
console.log(rows.includes([1]), rows.indexOf(rows[1]), [NaN].includes(NaN));
let steps = 4;
const far = steps += 2;
console.log(far, steps);
