def f(): return 1
g = f
print(f is f, g is f, [f].index(f), f == g, f in [g])
def outer():
    def inner(*a): return 2
    l = [inner]
    return inner is inner, l[0] is inner, l.index(inner), inner == l[0], inner in l, {inner: 1}[inner]
print(outer())
class A:
    def __init__(self): self.hs = []
    def on(self, fn): self.hs.append(fn)
    def off(self, fn): self.hs.remove(fn)
    def once(self, fn):
        def wrap(*args):
            self.off(wrap)
            fn(*args)
        self.on(wrap)
    def hi(self): pass
a = A()
a.once(lambda x: print("once", x))
for h in list(a.hs): h(1)
print(len(a.hs), a.hi == a.hi)
