a = {1, 2, 3, 4}
b = {3, 4, 5}
print(sorted(a & b), sorted(a | b), sorted(a - b), sorted(a ^ b))
a.add(9)
a.discard(1)
print(9 in a, 1 in a, len(a))
seen = set()
dups = []
for x in [1, 2, 2, 3, 3, 3]:
    if x in seen and x not in dups:
        dups.append(x)
    seen.add(x)
print(dups)
