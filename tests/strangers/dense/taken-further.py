x, (y, *z) = 1, (2, 3, 4)
print(x, y, z)
(a, b), c = (1, 2), 3
print(a, b, c)
(a, *b), c = (1, 2), 3
print(a, b, c)
[p, [q, *r]] = [1, [2, 3]]
print(p, q, r)
t = ((1, 2), [3, 4])
(k, *l), (m, *n) = t
print(k, l, m, n)
