// A loop asks again how far it goes, whoever changed that meanwhile.
let far = 3;
function further() {
  if (far < 5) far++;
}
for (let i = 0; i < far; i++) {
  further();
  console.log("program", i);
}
function inside() {
  let n = 3;
  const more = () => {
    if (n < 5) n++;
    return n;
  };
  for (let i = 0; i < n; i++) {
    console.log("function", i, more());
  }
  let left = 6;
  function fewer() {
    left -= 2;
  }
  for (let k = 0; k < left; k++) {
    fewer();
    console.log("fewer", k, left);
  }
}
inside();
