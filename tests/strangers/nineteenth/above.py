class A:
    def __init__(self, p):
        self._p = p
    @property
    def price(self):
        return self._p
    def area(self): return 2
class B(A):
    @property
    def price(self):
        return super().price * 0.5
    def area(self): return super().area() + 1
print(B(4).price, B(1).area())
