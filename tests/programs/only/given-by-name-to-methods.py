class A:
    def f(self, a, b=2): return a * 10 + b
class B:
    def f(self, b, a=5): return a * 10 + b
for o in [A(), B()]:
    print(o.f(a=1, b=3))
class C:
    def __call__(self, x, y=1): return x - y
c = C()
print(c(5, y=2), c(x=3))
