class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        if len(set(map(len, self.rows))) > 1:
            raise ValueError("rows differ in length")

    @classmethod
    def identity(cls, n):
        return cls([[int(i == j) for j in range(n)] for i in range(n)])

    @property
    def shape(self):
        return len(self.rows), len(self.rows[0])

    def __getitem__(self, at):
        if isinstance(at, tuple):
            i, j = at
            return self.rows[i][j]
        return self.rows[at]

    def __setitem__(self, at, value):
        i, j = at
        self.rows[i][j] = value

    def __matmul__(self, other):
        return Matrix([[sum(a * b for a, b in zip(row, col)) for col in zip(*other.rows)] for row in self.rows])

    def __mul__(self, k):
        return Matrix([[x * k for x in row] for row in self.rows])

    __rmul__ = __mul__

    def __eq__(self, other):
        return self.rows == other.rows

    def transpose(self):
        return Matrix(zip(*self.rows))

    def minor(self, i, j):
        return Matrix([r[:j] + r[j + 1:] for k, r in enumerate(self.rows) if k != i])

    def det(self):
        n, m = self.shape
        if n != m:
            raise ValueError("not square: %dx%d" % self.shape)
        if n == 1:
            return self.rows[0][0]
        return sum((-1) ** j * self.rows[0][j] * self.minor(0, j).det() for j in range(n))

    def __str__(self):
        width = max(len(str(x)) for row in self.rows for x in row)
        return "\n".join("[" + " ".join(f"{x:{width}}" for x in row) + "]" for row in self.rows)


a = Matrix([[2, 0, 1], [1, 3, 2], [1, 1, 1]])
print(a)
print(a.shape, a[0, 2], a[1])
print(a.det(), Matrix.identity(4).det())
print(a @ Matrix.identity(3) == a)
print((a @ a).rows)
print(2 * a)
a[0, 0] = 10
print(a.transpose())
try:
    Matrix([[1, 2, 3], [4, 5, 6]]).det()
except ValueError as e:
    print(type(e).__name__, e)
try:
    Matrix([[1], [2, 3]])
except ValueError as e:
    print(e)
power = Matrix([[1, 1], [1, 0]])
result = Matrix.identity(2)
n = 30
while n:
    if n & 1:
        result = result @ power
    power = power @ power
    n >>= 1
print("fib(30) =", result[0, 1])
