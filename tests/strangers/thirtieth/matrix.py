class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        widths = {len(r) for r in self.rows}
        if len(widths) != 1:
            raise ValueError("rows of different lengths: " + str(sorted(widths)))

    @property
    def shape(self):
        return len(self.rows), len(self.rows[0])

    @staticmethod
    def identity(n):
        return Matrix([[int(i == j) for j in range(n)] for i in range(n)])

    def __matmul__(self, other):
        if self.shape[1] != other.shape[0]:
            raise ValueError(f"can't multiply {self.shape} by {other.shape}")
        columns = list(zip(*other.rows))
        return Matrix([sum(a * b for a, b in zip(row, column)) for column in columns] for row in self.rows)

    def __pow__(self, n):
        result, base = Matrix.identity(len(self.rows)), self
        while n:
            if n & 1:
                result = result @ base
            base = base @ base
            n >>= 1
        return result

    def __getitem__(self, key):
        i, j = key
        return self.rows[i][j]

    def __setitem__(self, key, value):
        i, j = key
        self.rows[i][j] = value

    def transpose(self):
        return Matrix(zip(*self.rows))

    def det(self):
        n, m = self.shape
        assert n == m, "not square"
        if n == 1:
            return self.rows[0][0]
        return sum((-1) ** j * self.rows[0][j] * Matrix([r[:j] + r[j + 1:] for r in self.rows[1:]]).det() for j in range(n))

    def __str__(self):
        width = max(len(str(v)) for r in self.rows for v in r)
        return "\n".join("[" + " ".join(f"{v:>{width}}" for v in r) + "]" for r in self.rows)

m = Matrix([[1, 2], [3, 4]])
print(m @ m)
print(m ** 10)
print((Matrix([[1, 1], [1, 0]]) ** 30)[0, 1])
m[0, 1] = 20
print(m.transpose(), m.det(), m.shape)
print(Matrix([[2, 0, 1], [1, 3, 2], [1, 1, 1]]).det())
for bad in ([[1, 2], [3]], [[1, 2, 3]]):
    try:
        print(Matrix(bad) @ m)
    except ValueError as e:
        print("error:", e)
try:
    Matrix([[1, 2]]).det()
except AssertionError as e:
    print("assertion:", e)
