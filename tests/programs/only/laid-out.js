console.log();
console.log("a", 1, true, null, undefined, [1, "b", [2, [3, [4, [5]]]]]);
console.log({ k: "v", list: [1], f: { g: { h: { i: 1 } } } });
console.log([], {}, [[]], "", [""], ["it's"], ['say "x"'], [undefined, null]);
console.log([1.5, -0, 1e21], { "two words": 1, 3: 4 }, [true, [false]]);
console.log(["a long enough text to wrap", "another long text for wrapping", "and a third one here"]);
console.log({ first: "a long enough text to wrap", second: "another long text for wrapping", third: "x" });
