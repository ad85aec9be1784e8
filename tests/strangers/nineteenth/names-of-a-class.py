class Bed:
    MOST = 4
    WIDE = MOST * 2
    NAMES = ["a", "b"]
    def __init__(self, n=MOST, w=WIDE + 1):
        self.n = n
        self.w = w
    def more(self, by=NAMES[0]):
        return by * self.n
b = Bed()
print(b.n, b.w, b.more(), Bed.WIDE)
