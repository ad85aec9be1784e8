const people = [{ name: "Ada", age: 36 }, { name: "Bo", age: 17 }];
const x = people.find(p => p.age < 18)?.name;
console.log(x);
function by(n) { return people.find(p => p.name === n); }
console.log(by("Bo")?.age, by("Zed")?.age ?? "nobody", by("Zed")?.age?.toFixed(1));
