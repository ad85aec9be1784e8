import itertools
for c in itertools.islice(itertools.cycle('xy'), 5):
    print(c, end=' ')
print()
it = itertools.cycle([1, 2, 3])
print(next(it), next(it), next(it), next(it))
colours = itertools.cycle(['red', 'blue'])
for name, c in zip(['a', 'b', 'c'], colours):
    print(name, c)
print(list(zip('abc', itertools.cycle('xy'))))
