class M:
    def __init__(self, n): self.n = n
    def __float__(self): return self.n / 2
    def __int__(self): return self.n * 10
    def __rsub__(self, o): return f"{o} minus {self.n}"
    def __rtruediv__(self, o): return o / self.n
    def __repr__(self): return f"M{self.n}"
class D:
    def __init__(self): self.d = {1: 2, 0: 5}
    def __delitem__(self, k):
        print("del", k)
        del self.d[k]
    def __len__(self): return len(self.d)
m = M(4)
print(float(m), int(m), 10 - m, 8 / m, f"{float(m):.2f}")
d = D()
del d[1]
del d[0]
print(len(d))
try:
    m - 1
except TypeError as e: print(e)
try:
    float(d)
except TypeError as e: print(e)
