function counter() {
  let n = 0;
  const up = () => {
    n += 1;
    return n;
  };
  function down(by = 1) {
    n -= by;
    return n;
  }
  return [up, down];
}
const [up, down] = counter();
console.log(up(), up(), down(5));
const other = counter();
console.log(other[0]());
