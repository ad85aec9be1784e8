print("banana".replace("a", "o", 2), "aaa".replace("a", "b", 0), "aaa".replace("", "-", 2), "aaa".replace("a", "b", -1), "xax".replace("x", "y", 1))
print(sum(map(str.isalpha, "a1b")), list(map(str.title, ["ab c"])), sorted("bA", key=str.lower))
def apply(f, xs):
    return [f(x) for x in xs]
print(apply(str.upper, ["ab", "c"]), apply(len, ["abc", ""]), apply(str.isdigit, ["1", "x"]))
s = [("a", 1, {"x"}), ("b", 2, set())]
print(*[f"{n:^9}|" for n, *_ in s], sep="")
print([r for n, *r in [(1, 2, 3), (4, 5, 6)]])
(a, b), c = (1, 2), 3
print(a, b, c)
(p, (q, r)), *rest = [(7, (8, 9)), 4, 5]
print(p, q, r, rest)
x = [0, 0]
(x[0], y), z = (5, 6), 7
print(x, y, z)
