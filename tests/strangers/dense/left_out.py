class A:
    def m(self, u, v=2, *rest): return u, v, rest
a = A()
print(a.m(1), a.m(1, 3), a.m(1, 3, 4, 5))
def g(u, v=2, *rest): return u, v, rest
k = g
print(k(1), k(1, 3), k(1, 3, 4))
try:
    k()
except TypeError:
    print("TypeError")
try:
    a.m()
except TypeError:
    print("TypeError")
def apply(fn, *args): return fn(*args)
print(apply(g, 1), apply(g, 1, 2, 3))
