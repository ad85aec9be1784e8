class C:
    @staticmethod
    def f(a, b=4):
        return a * 10 + b
    def g(self, a, b=3):
        return a * 10 + b
    @classmethod
    def h(cls, a, b=2):
        return a * 10 + b
print(C.f(b=2, a=1), C.f(1), C.f(1, b=3))
c = C()
print(C.g(c, b=1, a=2), C.g(c, 1), C.h(b=2, a=1))
print(c.f(b=2, a=1), c.h(b=7, a=1))
