const readline = require("readline");
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });

const tasks = [];
function menu() {
  rl.question("1 add, 2 list, 3 quit: ", (choice) => {
    if (choice === "1") {
      rl.question("Task: ", (name) => {
        tasks.push({ name, done: false });
        menu();
      });
    } else if (choice === "2") {
      tasks.forEach((t, i) => console.log(`${i + 1}. ${t.name} ${t.done ? "x" : "-"}`));
      menu();
    } else if (choice === "3") {
      console.log("Bye");
      rl.close();
    } else {
      console.log("Unknown:", choice);
      menu();
    }
  });
}
menu();
