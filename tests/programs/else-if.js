function kind(height) {
  if (height < 10) {
    return "herb";
  } else if (height < 100) {
    return "shrub";
  } else if (height === 100) {
    return "just so";
  } else {
    return "tree";
  }
}
for (const height of [5, 50, 100, 500]) {
  console.log(height, kind(height));
}
console.log(5 > 3 ? "tall" : "small", 0 ? "a" : 0 ? "b" : "c");
