class M:
    @staticmethod
    def dot(a, b):
        return a * b
    def f(self):
        return self.dot(2, 3)
    def g(self, rows):
        return [self.dot(r, 2) for r in rows]
    def h(self, rows):
        return [[self.dot(r, c) for c in rows] for r in rows]
m = M()
print(m.f())
print(m.g([1, 2]))
print(m.h([1, 2]))
