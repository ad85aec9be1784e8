for (const value of [0, 1, -1, "", "a", [], [0], null, undefined, NaN, {}, true, false]) {
  console.log(value, value ? "is true" : "is false");
}
console.log(0 || "none", "x" && "y", "" || "b", 5 && 0, null || undefined || "last");
