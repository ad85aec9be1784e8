const wet = true;
const cold = false;
if (wet && !cold) {
  console.log("sow");
}
if (cold || !wet) {
  console.log("wait");
} else {
  console.log("ready");
}
