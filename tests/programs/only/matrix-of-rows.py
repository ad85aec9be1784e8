class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        self.shape = (len(self.rows), len(self.rows[0]))

    @classmethod
    def zeros(cls, n, m):
        return cls([[0] * m for _ in range(n)])

    @staticmethod
    def dot(a, b):
        return sum(x * y for x, y in zip(a, b))

    def __getitem__(self, key):
        r, c = key
        return self.rows[r][c]

    def __setitem__(self, key, value):
        r, c = key
        self.rows[r][c] = value

    def __matmul__(self, other):
        columns = list(zip(*other.rows))
        return Matrix([[self.dot(row, col) for col in columns] for row in self.rows])

    def __add__(self, other):
        return Matrix([[a + b for a, b in zip(r, s)] for r, s in zip(self.rows, other.rows)])

    def __mul__(self, k):
        return Matrix([[k * v for v in row] for row in self.rows])

    def __rmul__(self, k): return self * k

    def __eq__(self, other):
        return self.rows == other.rows

    def __neg__(self):
        return self * -1

    def __iter__(self):
        return iter(self.rows)

    def __len__(self):
        return len(self.rows)

    def __str__(self):
        return "\n".join(" ".join(f"{v:4}" for v in row) for row in self.rows)

    @property
    def T(self):
        return Matrix(zip(*self.rows))


m = Matrix([[1, 2], [3, 4]])
print(m @ m)
print((m + m) == 2 * m, -m == m * -1, len(m), m[1, 0], m.shape)
m[0, 0] = 9
print(m.T)
for row in m:
    print(row, end=" ")
print()
z = Matrix.zeros(2, 3)
print(z, z.shape, sep="\n")


class Temperature:
    def __init__(self, celsius):
        self._celsius = celsius

    @property
    def celsius(self):
        return self._celsius

    @celsius.setter
    def celsius(self, value):
        if value < -273.15:
            raise ValueError("too cold")
        self._celsius = value

    @property
    def fahrenheit(self):
        return self.celsius * 9 / 5 + 32


t = Temperature(20)
t.celsius = 25
print(t.celsius, t.fahrenheit)
try:
    t.celsius = -300
except ValueError as e:
    print(e)
