from collections import defaultdict, Counter
n = 0
def k():
    global n
    n += 1
    return "b"
d = defaultdict(int)
d[k()] += 1
d[k()] += 2
print(dict(d), n)
c = Counter()
c[k()] += 5
print(c, n)
l = defaultdict(list)
l[k()] += [3]
l[k()].append(4)
print(dict(l), n)
m = {}
m[k()] = m.get(k(), 0) + 1
m[k()] = m[k()] or 3
print(m, n)
