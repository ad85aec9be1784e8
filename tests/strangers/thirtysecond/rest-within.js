function outer() {
    function f(a, ...b) {
        return a * 10 + b.length;
    }
    return f;
}
const f = outer();
console.log(f(1, 2, 3));
