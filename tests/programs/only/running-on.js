for (const c of [1, 2, 3, 4, 9]) {
  switch (c) {
    case 1:
      console.log("one");
    case 2:
      console.log("two");
      break;
    case 3:
    case 4: {
      if (c === 4) break;
      console.log("three");
    }
    default:
      console.log("other", c);
  }
}
const f = (n) => { switch (n) { case 1: return "a"; case 2: throw new Error("x"); default: return "z"; } };
console.log(f(1), f(5));
