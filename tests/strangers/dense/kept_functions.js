function Stack() {
  const items = [];
  return {
    push: x => items.push(x),
    pop: () => items.pop(),
    map: function (f) { return items.map(f); },
    size: () => items.length,
    join(s) { return items.join(s); }
  };
}
const st = Stack();
st.push(1); st.push(2); st.push(3);
console.log(st.pop(), st.size(), st.map(x => x * 2), st.join("-"));
const list = [5]; list.push(6); console.log(list.pop(), list.join());
