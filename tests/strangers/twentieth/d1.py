def add_item(item, basket=[]):
    basket.append(item)
    return basket

print(add_item("pea"), add_item("bean"), add_item("x", []))
a = [1, [2, 3]]
b = a
c = a[:]
import copy
d = copy.deepcopy(a)
a[1].append(4)
a.append(5)
print(b, c, d, a is b, a == c, a[1] is c[1])
x = 10
def outer():
    x = 20
    def inner():
        nonlocal x
        x += 1
        return x
    return inner(), x
def change():
    global x
    x = 99
print(outer(), x)
change()
print(x)
funcs = [lambda: i for i in range(3)]
print([f() for f in funcs])
funcs = [lambda i=i: i for i in range(3)]
print([f() for f in funcs])
s = "Fernhollow"
print(s[2:5], s[-3:], s[::2], s[::-1], s[:-1], s[10:], s[1:8:3])
l = list(range(10))
l[2:5] = ["x"]
print(l, l[-1], l[::-2])
del l[0], l[-1]
l.insert(1, "new"); l.extend("ab"); l.remove("x")
print(l, l.index("new"), "a" in l, l.count("a"))
print([1, 2] < [1, 3], (1, "b") > (1, "a"), "apple" < "Apple", [1] * 3, [[0] * 2 for _ in range(2)])
grid = [[0] * 3] * 2
grid[0][0] = 1
print(grid)
e = {"b": 1, "a": 2}
e["c"] = e.pop("b") + 5
print(e, sorted(e), max(e, key=e.get), list(e.values()), {v: k for k, v in e.items()})
e.update(a=7, z=0)
for k in sorted(e, reverse=True):
    print(k, e[k], end="; ")
print()
print(e.get("q"), e.get("q", 0), e.setdefault("q", []), "q" in e, len(e))
st = {3, 1, 2}
st |= {5}
st.discard(9)
print(st & {1, 5}, st - {1}, st ^ {1, 7}, {1} <= st, sorted(st), len(st))
t = (1,)
t += (2, 3)
m, *n = t
print(t, m, n, t.index(2), t * 2)
print(f"{3.14159:.2f}|{42:>6}|{'ab':<5}|{'mid':^7}|{1234567:,}|{0.256:.1%}|{7:03d}|{255:x}|{5:+d}|{'r'!r}")
print("%5.1f|%-5s|%03d|%x|%%" % (2.345, "ab", 7, 255), "{:>4}|{:.3f}|{0}".format(1, 2) if False else "{0}{1}{0}".format("a", "b"))
print("a,b;c".replace(";", ",").split(","), " x ".strip() + "|", "x=1".partition("="), "Abc".swapcase(), "abc".center(9, "*"), "7".zfill(3), "aXbX".rstrip("X"))
print("hello world".title(), "Hello".isalpha(), "12".isdigit(), " ".isspace(), "hello".count("l"), "hello".rfind("l"), "abc".endswith(("c", "d")), "ab\tc".expandtabs(4))
print(7 // 2, -7 // 2, 7 % -3, -7 % 3, 2 ** -1, 7 / 2, round(2.5), round(3.5), round(2.675, 2), int(-3.9), abs(-2), divmod(-7, 2), 10 ** 20, 0.1 + 0.2, 1e16, 1e15, 3.0, 1 / 3)
print(bool(""), bool("0"), bool([]), None == False, 1 == True, not 0, 5 and 3, 0 or "x", 1 < 2 < 3, 3 > 2 == True)
print(int("12"), float("1e3"), str(1.0), list("ab"), tuple([1]), set("aa"), dict([("k", 1)]), bool(3), ord("a"), chr(98), hex(255), bin(5), oct(8))
for i, ch in enumerate("ab", 5):
    print(i, ch, end=" ")
for p, q in zip([1, 2, 3], "ab"):
    print(p, q, end=" ")
print()
n = 0
while True:
    n += 1
    if n == 2:
        continue
    if n > 4:
        break
    print(n, end=",")
else:
    print("never")
print(n)
for n in range(2, 8):
    for k in range(2, n):
        if n % k == 0:
            break
    else:
        print(n, "prime", end=" ")
print()
