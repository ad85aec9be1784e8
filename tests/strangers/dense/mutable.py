# mutability, defaults, closures, scopes
def add(item, basket=[]):
    basket.append(item)
    return basket
print(add(1), add(2), add(3, []))
a = [1, 2]; b = a; c = a[:]; a += [3]; a = a + [4]
print(a, b, c)
grid = [[0] * 3] * 2
grid[0][1] = 7
print(grid)
grid2 = [[0] * 3 for _ in range(2)]
grid2[0][1] = 7
print(grid2)
def outer():
    n = 0
    def step(by=1):
        nonlocal n
        n += by
        return n
    return step
s, t = outer(), outer()
print(s(), s(5), t())
fs = []
for i in range(3):
    fs.append(lambda: i)
print([f() for f in fs])
x = 10
def show():
    print(x)
def change():
    x = 20
    show()
change(); print(x)
def swap(p, q): return q, p
p, q = swap(1, 2); p, q = q, p + q
print(p, q)
d = {"a": [1], "b": [2]}
e = dict(d); e["a"].append(9); e["c"] = 3
print(d, e, list(d), "a" in d, d.get("z"), d.get("z", 0), d.pop("b"), d)
t1 = (1, [2]); t1[1].append(3); print(t1, t1 + (4,), t1 * 2, len(t1))
print([1, 2] == [1, 2], [1, 2] is [1, 2], (1,) < (1, 2), "a" * 3, [] or "x", 0 and 1, not [], None or 0)
print(*range(3), sep="-", end="!\n")
for i in range(3):
    i += 10
    print(i, end=" ")
else:
    print("done", i)
n = 5
while n:
    n -= 1
    if n == 3: continue
    if n == 1: break
    print(n, end=",")
else:
    print("never")
print(n)
words = ["pear", "fig", "apple"]
words.sort(key=len, reverse=True); print(words, sorted(words), max(words), max(words, key=len), min(words, key=lambda w: w[-1]))
print([w.upper() for w in words if "p" in w], {w[0]: len(w) for w in words}, {len(w) for w in words} == {5, 4, 3})
print(words[-1], words[1:], words[::-1], words[:-1], "apple"[1:4], "apple"[::-2], words.index("fig"), words.count("x"))
first, *rest = words; *init, last = words
print(first, rest, init, last)
m = [[1, 2], [3, 4], [5, 6]]
print([r[0] for r in m], [x for r in m for x in r if x % 2], list(zip(*m)), list(enumerate("ab", 1)), sum(map(sum, m)))
def f(*args, **kw): return len(args), sorted(kw.items())
print(f(1, 2, k=3), f(*[1, 2, 3]))
print(f"{3.14159:.2f}|{42:5d}|{'x':>4}|{'y':<4}|{1000000:,}|{0.5:.0%}|{255:#x}|{5:03}|{'mid':^9}|{-3:+}|{1e10:g}|{7!r:>3}")
print(7 // 2, -7 // 2, 7 % -3, 2 ** -1, 10 ** 20, 1 / 3, 5.0, 1e3, 0.1 + 0.2, int(-3.7), round(3.14159, 2), abs(-4), divmod(17, 5))
print(str([1, "a", None, True, 2.0]), repr("it's"), "tab\there", 'q"q', "back\\slash")
print("a-b-c".split("-", 1), "  hi ".strip(), "x".join(["1", "2"]), "Hello".lower().replace("l", "L"), "abc".find("c"), "abcabc".rfind("b"), "a1".isalnum(), "12".zfill(5))
print(isinstance(True, int), type(3).__name__, type("s") == str, bool("False"), int("0b11", 2) if False else int("11", 2), chr(ord("a") + 1))
try:
    print(1 / 0)
except ZeroDivisionError as err:
    print("caught", err)
finally:
    print("fin")
try:
    [1][5]
except (IndexError, KeyError) as err:
    print(type(err).__name__, err)
def g(n):
    try:
        return 10 / n
    except ZeroDivisionError:
        return None
    finally:
        print("g", n, end=";")
print(g(2), g(0))
print(sorted({"b": 1, "a": 2}.items(), key=lambda kv: kv[1], reverse=True), list(reversed([1, 2, 3])), any([]), all([]), list(filter(None, [0, 1, "", "a"])))
