def count(start=0, step=1):
    n = start
    while True:
        yield n
        n += step

def fib():
    a, b = 0, 1
    while True:
        yield a
        a, b = b, a + b

def noisy(n):
    print("begin")
    for i in range(n):
        print("making", i)
        yield i
    print("end")

def take(n, items):
    result = []
    for item in items:
        if len(result) == n:
            break
        result.append(item)
    return result

def evens(items):
    for x in items:
        if x % 2 == 0:
            yield x

for x in count(5, 2):
    if x > 12:
        break
    print(x)
gen = fib()
print(next(gen), next(gen), next(gen), next(gen))
print(take(8, fib()))
for i in noisy(2):
    print("got", i)
print(list(noisy(1)))
print(take(4, evens(count())))
for i, x in enumerate(fib()):
    if i > 4: break
    print(i, x)
print([a + b for a, b in zip(range(5), fib())])
def chained():
    yield from noisy(1)
    yield "x"
    return
    yield "never"
for x in chained(): print(x)
g = noisy(1)
print(next(g)); print(next(g, "done")); print(next(g, "done"))
try:
    next(g)
except StopIteration:
    print("stop")
class Tree:
    def __init__(self, v, left=None, right=None):
        self.v, self.left, self.right = v, left, right
    def __iter__(self):
        if self.left:
            yield from self.left
        print("at", self.v)
        yield self.v
        if self.right:
            yield from self.right
t = Tree(2, Tree(1), Tree(3))
for v in t: print(v)
print(sum(t), max(t), sorted(t, reverse=True))
