class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        if len({len(r) for r in self.rows}) > 1:
            raise ValueError("rows differ in length")

    @classmethod
    def identity(cls, n):
        return cls([[int(i == j) for j in range(n)] for i in range(n)])

    @property
    def shape(self):
        return len(self.rows), len(self.rows[0])

    @property
    def T(self):
        return Matrix(zip(*self.rows))

    def __add__(self, other):
        return Matrix([a + b for a, b in zip(r, s)] for r, s in zip(self.rows, other.rows))

    def __mul__(self, other):
        if isinstance(other, (int, float)):
            return Matrix([[v * other for v in row] for row in self.rows])
        return Matrix([[sum(a * b for a, b in zip(row, col)) for col in zip(*other.rows)] for row in self.rows])

    __rmul__ = __mul__

    def __pow__(self, n):
        result = Matrix.identity(self.shape[0])
        base = self
        while n:
            if n & 1:
                result = result * base
            base = base * base
            n >>= 1
        return result

    def __eq__(self, other):
        return self.rows == other.rows

    def __getitem__(self, key):
        i, j = key
        return self.rows[i][j]

    def __setitem__(self, key, value):
        i, j = key
        self.rows[i][j] = value

    def __neg__(self):
        return self * -1

    def __str__(self):
        width = max(len(str(v)) for row in self.rows for v in row)
        return "\n".join(" ".join(f"{v:>{width}}" for v in row) for row in self.rows)


m = Matrix([[1, 2], [3, 4]])
print(m)
print(m * m)
print(m + m == 2 * m, m.T.shape, m[1, 0])
m[0, 0] = -10
print(-m)
fib = Matrix([[1, 1], [1, 0]]) ** 30
print(fib[0, 1])
try:
    Matrix([[1], [2, 3]])
except ValueError as e:
    print("bad:", e)
print(Matrix.identity(3))
