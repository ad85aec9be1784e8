class V:
    def __init__(self, x): self.x = x
    def __call__(self, n): return n * self.x
v = V(4)
print(v(3))
w = v
print(w(2))
fs = [V(1), V(2)]
print([f(10) for f in fs])
print(V(5)(2))
class A: pass
class B(A): pass
print(B.__name__, issubclass(B, A), A().__class__.__name__, type(B()).__name__)

def double(n):
    return n * 2


for does in (double, len, sorted, lambda n: n):
    print(does.__name__)
