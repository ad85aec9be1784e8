text = "the cat sat on the mat the end"
words = text.split()
unique = set(words)
print(len(unique), sorted(unique))
from collections import Counter, defaultdict, OrderedDict, namedtuple, deque
c = Counter(words)
print(c.most_common(2), c["the"], c["dog"])
dd = defaultdict(list)
for w in words: dd[len(w)].append(w)
print(dict(dd))
Point = namedtuple("Point", ["x", "y"])
p = Point(2, y=5)
print(p, p.x + p.y, p._replace(x=9))
x, y = p
a, b = {1, 2, 3}, {3, 4}
print(a & b, a | b, a - b, a ^ b, a <= {1, 2, 3, 4}, b.isdisjoint({9}))
a.add(10); a.discard(99); a.update([7, 8])
print(len(a), 10 in a, frozenset([1]) in {frozenset([1])})
d = deque([1, 2, 3], maxlen=3)
d.append(4); d.rotate(1); d.appendleft(0)
print(d, list(d))
print(" ".join(w.capitalize() for w in words), text.title(), text.partition(" on "), text.rsplit(" ", 1))
print("racecar" == "racecar"[::-1], "abc" < "abd", "Zoo" < "apple", text.startswith(("a", "the")), text.replace("the", "a", 1))
print(min(words, key=len), max(words), sorted(words, key=str.lower)[:2], list(map(len, words)), ["%02d" % n for n in range(3)])
