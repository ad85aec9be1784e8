// JavaScript knows functions from the start, also those below.
let planted = 0;
main();
report("in all");

function main() {
  for (const name of ["sage", "rue"]) {
    plant(name, 2);
  }
}

// How many of one kind.
function plant(name, number) {
  planted += number;
  report(name);
}

function report(word) {
  console.log(`${word}: ${planted}`);
}
