class Bed:
    def __init__(self, a, b=4):
        self.r = a * 10 + b
    def f(self, a, b=4):
        return a * 10 + b
p = (3, 4)
d = {"a": 1, "b": 2}
q = [5]
beds = [Bed(**r) for r in [{"a": 3, "b": 1}]]
print(beds[0].r)
