function greet(name, times = 2) {
  for (let i = 0; i < times; i++) {
    console.log("Hello, " + name + "!");
  }
}

greet("Juniper");
greet("Rowan", 1);
