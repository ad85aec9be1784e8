class A:
    count = 0
    def up(self):
        self.count += 1
        return self.count
a = A(); b = A()
print(a.up(), a.up(), b.up(), A.count)
A.count = 10
c = A()
print(a.count, c.count, c.up(), A.count)


class Bed:
    def __init__(self, n):
        self.n = n

    def __eq__(self, other):
        return self.n == other.n


class Row(Bed):
    def __eq__(self, other):
        print("row asked")
        return isinstance(other, Row)


class Odd:
    n = 1


bed, row, odd = Bed(1), Row(1), Odd()
print(bed == row, row == bed, bed != row, odd == bed, bed in [odd], [bed, row].index(row))
