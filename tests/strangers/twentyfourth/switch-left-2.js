for (const v of [0, 1, "*", 2]) {
  switch (v) {
    case "*":
      console.log("boom");
      break;
    case 0:
    default:
      console.log("plain", v);
  }
}
outer: for (const v of [0, 1, "*", 2]) {
  switch (v) {
    case "*":
      console.log("boom");
      break outer;
    case 0:
      console.log("zero");
      break;
    default:
      console.log("plain", v);
  }
}
