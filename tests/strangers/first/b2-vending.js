// A machine that sells seeds
const readline = require("readline");

const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });

const stock = { bean: { price: 30, left: 2 }, pea: { price: 25, left: 0 }, kale: { price: 55, left: 9 } };
let money = 0;

function handle(line) {
    const [command, value] = line.trim().split(" ");
    switch (command) {
        case "coin":
            const coin = parseInt(value);
            if (Number.isNaN(coin) || ![5, 10, 20, 50].includes(coin)) {
                console.log("not a coin:", value);
            } else {
                money += coin;
                console.log("credit", money);
            }
            break;
        case "buy":
            if (!(value in stock)) {
                console.log("unknown");
            } else if (stock[value].left === 0) {
                console.log("sold out");
            } else if (stock[value].price > money) {
                console.log(`${stock[value].price - money} missing`);
            } else {
                money -= stock[value].price;
                stock[value].left--;
                console.log(`one ${value}, credit ${money}`);
            }
            break;
        case "back":
        case "return":
            console.log("returned", money);
            money = 0;
            break;
        default:
            console.log("?");
    }
}

rl.on("line", handle);
rl.on("close", () => console.log("closed, stock:", stock));
