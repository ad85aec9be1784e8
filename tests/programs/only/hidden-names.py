m = [[1, 2], [3]]
print([[x * 2 for x in x] for x in m], [sum(y + x for y in [10]) for x in [x for x in range(3)]])
f = lambda x: (lambda x: (lambda y: x * y))(x + 1)
print(f(2)(5), [(lambda x: [x for x in range(x)])(n) for n in range(3)])
print({x: {x: y for y in "ab"} for x in range(2)}, sorted([3, 1], key=lambda x: -x), [list(map(lambda x: x + 1, [x])) for x in (5, 6)])
