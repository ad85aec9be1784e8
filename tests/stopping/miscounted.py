def f(a, b, c): return a
def g(): return 1
def h(a, b=2): return a + b
def k(x): return x
class Bed:
    def __init__(self, w): self.w = w
    def water(self, n, m=1): return n
b = Bed(1)
for call in (lambda: f(), lambda: f(1), lambda: f(1, 2), lambda: f(1, 2, 3, 4), lambda: g(1), lambda: h(), lambda: h(1, 2, 3), lambda: k(1, 2), lambda: b.water(), lambda: b.water(1, 2, 3), lambda: Bed(), lambda: Bed(1, 2)):
    try:
        print(call())
    except TypeError as e:
        print("TypeError:", e)
try:
    f(1, 2)
except TypeError as e:
    print(e)
print("on")
g(5)
print("never")
