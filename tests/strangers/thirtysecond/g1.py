it = iter([1, 2, 3, 4, 5, 6])
print(list(zip(it, it)))
print(list(zip(*[iter("abcdef")] * 2)))
s = [iter("abcd")] * 2
print(next(s[0]), next(s[1]), next(s[0]))
for a, b in zip(*[iter(range(6))] * 2):
    print(a, b)
