class Tank:
    def __init__(self, litres):
        self._litres = litres

    def get_litres(self):
        return self._litres

    def set_litres(self, value):
        if value < 0:
            raise ValueError("negative")
        self._litres = value

    litres = property(get_litres, set_litres)

t = Tank(5)
t.litres = 8
print(t.litres)
try:
    t.litres = -1
except ValueError as e:
    print("bad:", e)

class Box:
    def __init__(self, w):
        self.w = w
    @property
    def area(self):
        return self.w ** 2

b = Box(3)
try:
    b.area = 5
except AttributeError as e:
    print(e)
