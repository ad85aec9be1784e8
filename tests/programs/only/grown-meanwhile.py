l = [1]
for x in l:
    if x < 5: l.append(x + 1)
print(l)
m = [1, 2, 3, 4, 5, 6]
for x in m:
    if x % 2 == 0: m.remove(x)
    else: m.remove(x)
print(m)
q = ["a"]
for n in q:
    if len(q) < 4: q.extend([n + "x", n + "y"])
print(q)
d = {"a": 1, "b": 2}
try:
    for k in d:
        d[k + "x"] = 1
except RuntimeError as e:
    print(e)
try:
    for k, v in d.items():
        if v == 1: del d[k]
except RuntimeError as e:
    print(e)
for k in list(d): del d[k]
print(d)
s = {1}
try:
    for x in s: s.add(x + 1)
except RuntimeError as e:
    print(e)
w = [3, 1, 2]
for i, x in enumerate(w):
    if i + 1 < len(w): w[i + 1] += x
print(w)
for k in d: d[k] = 0
pairs = [(1, 2)]
for a, b in pairs:
    if a < 4: pairs.append((a + 1, b))
print(pairs)
class G:
    def __init__(self): self.l = [1]
    def go(self):
        for x in self.l:
            if x < 3: self.add(x + 1)
        return self.l
    def add(self, v): self.l.append(v)
print(G().go())
