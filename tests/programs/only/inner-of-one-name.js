function sumOf(list) {
  function helper(i) {
    if (i === list.length) return 0;
    return list[i] + helper(i + 1);
  }
  return helper(0);
}
function productOf(list) {
  const helper = (i) => {
    return i === list.length ? 1 : list[i] * helper(i + 1);
  };
  return helper(0);
}
function both(a, b) {
  return sumOf(a) * productOf(b);
}
console.log(sumOf([1, 2, 3]), productOf([2, 3, 4]), both([1], [2]));
const counter = () => { let n = 0; const up = () => { n++; return n; }; return up; };
const other = function () { let n = 10; const up = () => { n += 2; return n; }; return up; };
const c = counter(), o = other();
console.log(c(), c(), o(), o());
