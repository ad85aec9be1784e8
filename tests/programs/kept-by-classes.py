class Bed:
    count = 0
    kinds = ["pea"]
    rate = 1.5

    def __init__(self, n):
        self.n = n
        Bed.count += 1
        Bed.kinds.append(n)

    @classmethod
    def all(cls):
        return cls.count * Bed.rate

    @staticmethod
    def reset():
        Bed.count = 0


Bed("a")
b = Bed("b")
Bed.count += 3
print(Bed.count, b.n, len(Bed.kinds), Bed.all())
Bed.reset()
print(b.count, Bed.kinds[1])
