try {
  undefinedThing();
} catch (e) {
  console.log("caught", e.message);
}
console.log("on");
