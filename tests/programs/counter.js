let visitors = 0;

function gate(people) {
  visitors += people;
  console.log("now", visitors);
}

gate(3);
gate(4);
console.log("in all", visitors);
