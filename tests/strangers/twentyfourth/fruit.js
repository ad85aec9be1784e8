const readline = require("readline");
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });

const stock = { apple: 5, pear: 0, plum: 12 };
const prices = { apple: 0.5, pear: 0.6, plum: 0.25 };
let bill = 0;

function show() {
  for (const fruit in stock) {
    console.log(`${fruit.padEnd(8)}${String(stock[fruit]).padStart(3)} @ ${prices[fruit].toFixed(2)}`);
  }
}

function handle(line) {
  const [command, fruit, amount = "1"] = line.trim().toLowerCase().split(/\s+/);
  switch (command) {
    case "buy": {
      const n = parseInt(amount, 10);
      if (!(fruit in stock)) {
        console.log("We have no " + fruit);
      } else if (Number.isNaN(n) || n < 1) {
        console.log(`"${amount}" is no number`);
      } else if (stock[fruit] < n) {
        console.log(stock[fruit] ? `Only ${stock[fruit]} left` : "Sold out");
      } else {
        stock[fruit] -= n;
        bill += n * prices[fruit];
        console.log(`Bought ${n} ${fruit}${n > 1 ? "s" : ""}`);
      }
      break;
    }
    case "list":
      show();
      break;
    case "quit":
    case "bye":
      rl.close();
      return;
    case "":
      break;
    default:
      console.log("Unknown command:", command);
  }
}

rl.on("line", handle);
rl.on("close", () => {
  console.log(`To pay: ${bill.toFixed(2)}`);
});
