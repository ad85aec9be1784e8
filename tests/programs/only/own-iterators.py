class Countdown:
    def __init__(self, start):
        self.n = start
    def __iter__(self):
        return self
    def __next__(self):
        if self.n <= 0:
            raise StopIteration
        self.n -= 1
        return self.n + 1

for x in Countdown(3):
    print(x)
print(list(Countdown(4)), sum(Countdown(5)))
c = Countdown(2)
print(next(c), next(c), next(c, "none"))
try:
    next(c)
except StopIteration:
    print("end")
it = iter(Countdown(2))
print(next(it))
print([x * 2 for x in it])

class Rows:
    def __init__(self, names):
        self.names = names
    def __iter__(self):
        return RowIterator(self.names)

class RowIterator:
    def __init__(self, names):
        self.names = names
        self.at = -1
    def __next__(self):
        self.at += 1
        if self.at >= len(self.names):
            raise StopIteration()
        return self.names[self.at]
    def __iter__(self):
        return self
rows = Rows(["pea", "bean"])
for a in rows:
    for b in rows:
        print(a, b)
print(max(rows), "pea" in rows, sorted(rows))
first, second = rows
print(first, second)
for i, name in enumerate(rows):
    print(i, name)
