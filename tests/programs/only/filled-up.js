const bare = [3, 1, 2, 4];
bare.fill(0, 1, 3);
console.log(bare, [1, 2, 3].fill(7, 1), bare.fill(5).length, void 0, Math.max.apply(null, bare));
console.table && console.log("there");
console.log(typeof nowhere, typeof nowhere === "undefined");
