def gen():
    yield "a"
    yield "b"
g = gen()
print(f"{next(g)}!")
h = (x for x in [1, 2])
def show(it): return next(it)
print(show(h))
z = zip([1], "a")
print(next(z))
m = map(str, [1, 2])
first = next(m, None)
print(first)
i = iter([5, 6])
print(next(i))
class C:
    def __init__(self): self.g = gen()
    def n(self): return next(self.g)
c = C(); print(c.n(), c.n())
e = enumerate("xy"); print(next(e))
r = reversed([1, 2]); print(next(r))
def two(): 
    it = gen()
    return next(it)
print(two())
