function label(name, count = 1, open = false) {
  let text = name + " x" + count;
  if (open) {
    text += " (open)";
  }
  return text;
}
console.log(label("pea"), label("bean", 3), label("kale", 2, true));
const twice = (n) => n * 2;
const half = function (n) {
  return n / 2;
};
const grade = (marks) => {
  if (marks >= 9) return "A";
  if (marks >= 7) {
    return "B";
  }
  return "C";
};
console.log(twice(4), half(5), grade(9), grade(8), grade(1));
function nothing() {}
console.log(nothing());
function early(n) {
  if (n < 0) return;
  console.log("not below", n);
}
early(-1);
early(2);
console.log([1, 2].map(twice));
