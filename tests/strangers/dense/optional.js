function greet(name, greeting) {
  greeting = greeting || "Hello";
  console.log(greeting + ", " + name);
}
greet("Fern");
function opt(a, b) { return b === undefined ? a : a + b; }
console.log(opt(1), opt(1, 2));
