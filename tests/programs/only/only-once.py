it = iter("ab")
for c in it: print(c)
for c in it: print("again", c)

g = (x * x for x in range(4))
print(sum(g), sum(g))

z = zip([1, 2], "ab")
print(list(z), list(z))

m = map(str, [1, 2])
print(list(m), list(m))

r = reversed([1, 2])
print(list(r), list(r))
e = enumerate("ab")
print(list(e), list(e))

f = filter(None, [0, 1])
print(list(f), list(f))

it = iter([1, 2, 3])
print(next(it), list(it), next(it, "end"))

def gen(n):
    for i in range(n): yield i
b = gen(3)
for x in b:
    if x == 1: break
print(list(b))

