a = {1: "a", 2: "b", 5: "e"}
b = {2: "B", 3: "c", 5: "E"}
print(a.keys() & b.keys(), sorted(a.keys() - b.keys()), sorted(a.keys() | b.keys()), sorted(a.keys() ^ b.keys()), a.keys() & {1, 9})
for k in sorted(a.keys() & b.keys()):
    print(k, a[k], b[k])
if a.keys() - b.keys():
    print("more")
n = 6
print(n & 3, n | 1, n - 2, {1, 2} - {2})
d = {"x": 1}
print(len(d.keys() & {"x", "y"}), d.keys() & {"x"} == {"x"})
