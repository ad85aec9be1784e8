class V:
    def __init__(self, x, y):
        self.x, self.y = x, y
    def __add__(self, o):
        if isinstance(o, int):
            return V(self.x + o, self.y + o)
        return V(self.x + o.x, self.y + o.y)
    __radd__ = __add__
    def scaled(self, k):
        return V(self.x * k, self.y * k)
    __mul__ = scaled
    __rmul__ = scaled
    times = scaled
    def __str__(self):
        return f"({self.x}, {self.y})"
    __repr__ = __str__

print(V(1, 2) + V(3, 4), 5 + V(1, 1), V(1, 1) + 2, 3 * V(1, 2), V(1, 2) * 2, V(2, 2).times(4), [V(0, 1)])
print(sum([V(1, 2), V(3, 4)]))
