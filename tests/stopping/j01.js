function greet(name) {
  console.log("Hello " + nmae);
}
console.log("start");
greet("Ada");
