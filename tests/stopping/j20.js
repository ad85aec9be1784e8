let a = 5;
if (a > 3) {
  console.log("big");
  consol.log("x");
}
