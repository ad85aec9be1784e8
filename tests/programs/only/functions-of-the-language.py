f = len
print(f([1, 2]))
print(list(map(str, [1, 2])), list(map(int, "34")), sorted(["bb", "a"], key=len))
ops = {"sum": sum, "len": len}
for name, fn in ops.items():
    print(name, fn([3, 1, 2]))
def apply(f, x): return f(x)
print(apply(str, 5) + "!", apply(int, "7") + 1, apply(abs, -3), apply(float, "2"), apply(sorted, [2, 1]), apply(round, 2.6))
convert = [int, float, str]
print([c("3") for c in convert])
types = {"a": int}
print(types["a"]("4") + 1)
print(apply(list, "ab"), apply(set, [1, 1]), apply(tuple, [1]), apply(bool, 0), apply(any, [0, 1]))
def ask(kind=int): return kind("12")
print(ask() + 1, ask(str) + "1")
def compose(*fs):
    def inner(x):
        for f in fs: x = f(x)
        return x
    return inner
print(compose(str, len)(12345))
print(isinstance(3, int), type(3) == int, isinstance("a", (int, str)))
