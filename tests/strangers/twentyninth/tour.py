text = """the garden is green
the garden is wide
a hedgehog is here"""
lines = text.split("\n")
counts = {}
for n, line in enumerate(lines, 1):
    for w in line.split():
        counts.setdefault(w, []).append(n)
width = max(len(w) for w in counts)
for w in sorted(counts, key=lambda w: (-len(counts[w]), w)):
    print(f"{w:>{width}}: {'#' * len(counts[w]):<4}|{','.join(map(str, counts[w]))}")
matrix = [[1, 2, 3], [4, 5, 6], [7, 8, 9]]
print([list(r) for r in zip(*matrix)], [r[::-1] for r in matrix[::-1]], sum(matrix[i][i] for i in range(3)))
print(all(x < y for x, y in zip([1, 2, 3], [2, 3, 4])), [x if x % 2 else -x for row in matrix for x in row if x > 3])
d = dict(zip("abc", range(3))); d2 = {**d, "d": 9}; print(d2, {v: k for k, v in d.items()}, d.get("z", "?"), d2.pop("a"), list(d2.items())[-1])
s = {3, 1, 2} | {5}; s.discard(9); print(s & {1, 5}, s - {1}, s ^ {1, 7}, 3 in s, len(s), sorted(s, reverse=True))
t = (1, "two", 3.0); a, *rest = t; print(rest, t.index("two"), t + (4,), t * 2, (5,) > (4, 9))
print("%s has %d beds (%.1f%%)" % ("Ash", 3, 45.678), "{:>8}|{:^8}|{:<8}|".format("r", "c", "l"), "{0}-{1}-{0}".format("x", "y"))
def outer():
    n = 0
    def inc(by=1):
        nonlocal n
        n += by
        return n
    return inc
f = outer(); f(); f(5); print(f(), outer()(3))
def fib():
    a, b = 0, 1
    while True:
        yield a
        a, b = b, a + b
g = fib(); print([next(g) for _ in range(10)])
try:
    assert 1 > 2, "math is fine"
except AssertionError as e: print("assert:", e)
try: print([][0])
except IndexError as e: print(type(e).__name__, e)
try: {}["k"]
except KeyError as e: print("missing", e, repr(e))
try: int("4x")
except ValueError as e: print(e)
try: "a" + 1
except TypeError as e: print(e)
else: print("no")
finally: print("done")
print(*sorted("Hello World".lower().replace(" ", "")), sep="")
print("madam"[::-1] == "madam", "abc".find("z"), "a-b-c".rsplit("-", 1), "  x ".strip() + "|", "Title Case".swapcase(), "x".join("abc"), "abc".isalpha(), "12".zfill(5), ord("A"), chr(97), bin(10), 0b11, 1_000)
i = 10
while i > 0:
    i -= 3
    if i == 4: continue
    if i < 0: break
else: print("never")
print(i, 10 // 3, -10 // 3, 10 % -3, 2 ** -1, round(3.14159, 2), abs(-3), int(3.99), float("1e3"), 7 / 7, 1e16, 0.1 + 0.2, 3 == 3.0, not [], None is None)
