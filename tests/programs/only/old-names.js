// var is the old way to name something.
var beds = 3;
var name = "kale";
console.log(name.padStart(8, "."), beds);
let missing;
console.log(missing === undefined);
let label = null;
if (label === null) {
  console.log("no label");
}
