let secret = 37;
let guesses = [50, 25, 37];
let low = 1, high = 100, tries = 0;
while (true) {
  let guess = guesses[tries];
  tries++;
  if (guess === secret) {
    console.log(`Correct in ${tries} ${tries === 1 ? "try" : "tries"}`);
    break;
  } else if (guess < secret) {
    low = guess + 1;
    console.log("Higher");
  } else {
    high = guess - 1;
    console.log("Lower");
  }
  console.log(low + "-" + high);
}
do {
  tries--;
} while (tries > 0);
console.log(tries, typeof tries, Number("12") + 1, "12" + 1, parseInt("3.9"), parseFloat("3.9kg"), String(5) + 5);
