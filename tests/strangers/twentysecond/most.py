from collections import deque
d = deque([1, 2, 3], maxlen=3)
d.append(4); d.appendleft(0)
print(d, list(d), len(d))
d.rotate(1)
h = deque(maxlen=2)
for i in range(5): h.append(i)
print(h, d, h[0])
h.extend([9, 8, 7])
print(h)
def last(n, items):
    q = deque(items, n)
    return list(q)
print(last(2, range(6)))
