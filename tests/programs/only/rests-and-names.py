def f(a, b=2, *args, c=3, **kw): return a, b, args, c, kw
print(f(1), f(1, 2, 3, 4, c=5), f(b=1, a=0), f(1, d=9), f(1, 5, c=0))
def g(*items, sep="-", end="!"): return sep.join(items) + end
print(g("a", "b"), g(), g("a", sep="+"), g(end="?"))
def h(first, *rest): return first, rest
print(h(1), h(1, 2, 3), h(first=4))
class Q:
    def __init__(self, *items, limit=None): self.items, self.limit = list(items), limit
    def put(self, *more, front=False):
        self.items = list(more) + self.items if front else self.items + list(more)
        return self
q = Q("a", "b")
print(q.items, q.limit, q.put("c").items)
