function check(age) {
  if (age < 0) return "no";
  if (age >= 10 && age <= 16) return "pupil";
  return "other";
}
console.log(check(-1), check(12), check(40));
console.log([10, 9, 1].sort(), ["b", "a", "C"].sort(), [true, false].sort());
