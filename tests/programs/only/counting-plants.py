class Plant:
    n = 0
    def __init__(self, name):
        self.name = name
        Plant.n += 1
    def __str__(self):
        return f"{type(self).__name__}({self.name})"
print(Plant("x"), Plant.n)
class Plot:
    def area(self): return 2
print(Plot().area(), type(Plot()).__name__)
