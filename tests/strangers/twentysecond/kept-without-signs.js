class A {
  k = 2
  double = (x) => x * this.k
  both = (a, b) => {
    return a + b
  }
  pick = (x) => x > 1
    ? 'big'
    : 'small'
  show() { return [this.double(3), this.both(1, 2), this.pick(5)] }
}
console.log(new A().show(), [1, 2].map(new A().double))
