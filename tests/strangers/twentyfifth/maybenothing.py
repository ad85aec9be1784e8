g = {"a": [1]}
x = g.get("z")
if not x: print("none")
def find(k):
    for a in g:
        if a == k: return g[a]
    return None
y = find("q")
if not y: print("none")
def look(k):
    if k in g: return g[k]
z = look("q")
if not z: print("no")
xs = [[1], None]
if not xs[1]: print(2)
for x in xs:
    if not x: print("leer")
class N:
    def __init__(self): self.kids = None
    def add(self, k): self.kids = [k]
n = N()
if not n.kids: print("no kids")
n.add(2)
if not n.kids: print("no kids")
import re
d = dict(a={}, b={"x": 1}, c=None)
for k in d:
    if not d[k]: print(k)
best = None
for v in [[1, 2], [3]]:
    if not best or len(v) < len(best): best = v
print(best)
