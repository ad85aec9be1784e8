def show(rows):
    for a, b in rows:
        print(a + b)
    return [a * b for a, b in rows]
for p, q in [(1, 2), (3, 4)]:
    print(p * q)
pairs = [(1, 2), (3, 4)]
for p, q in pairs:
    print(p + q)
rows = [[1, 2], [3, 4]]
for c, d in rows:
    print(c - d)
for i, (p, q) in enumerate(pairs):
    print(i, p, q)
print(show(pairs))
print([x + y for x, y in rows if x > 1])
for (x, y), (z, w) in zip(pairs, rows):
    print(x, y, z, w)
for first, *others in [[1, 2, 3], [4, 5]]:
    print(first, others)
names = [("a", "b"), ("c", "d")]
for one, other in sorted(names, reverse=True):
    print(one + other)
total = sum(a * b for a, b in pairs)
print(total, max(a for a, b in pairs))
for word, other in zip(["x", "y"], ["z", "w"]):
    print(word, other)
