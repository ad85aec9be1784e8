a = set([1, 2, 2, 33, 17, -1, 100])
b = {2, 3, 64, 8}
print(a, b)
print(a & b, a | b, a - b, a ^ b, a.union(b), a.intersection(b), a.difference(b), a <= b, {1} < a, a.issubset([1, 2, 5]), {1, 2} >= {1})
print(sorted(set("hello")), len(set([1, 1])), {x % 3 for x in range(7)}, {x * x for x in range(12)})
a.update([7, 8])
a.remove(33)
print(a, a == {8, 7, 2, 1}, bool(set()), list(a), sum(a), max(a), min(a), sorted(a, reverse=True), tuple(b), type(a))
for x in set(range(20)) - {3, 4}:
    print(x, end=" ")
print()
seen = set()
for n in [50, 3, 99, 12, 7, 3, 50, 1024, 77, 21]:
    if n in seen:
        print("again", n)
    seen.add(n)
print(seen, set(list(seen)), seen.copy())
try:
    seen.remove(4)
except KeyError as e:
    print("no", e)
big = {i * 7 % 101 for i in range(40)}
print(big)
print({True, 1.0, 2}, {(1, 2), (3, 4)} == {(3, 4), (1, 2)}, 3 not in b, not set())
print(set([5, 3, 9, 1, 12, 8]) | set([100, 200, 300, 7]), {1, 2, 3, 4, 5, 6, 7, 8, 9} & {9, 1, 55})
c = {10, 20, 30}
c -= {20}
c |= {5}
print(c)
