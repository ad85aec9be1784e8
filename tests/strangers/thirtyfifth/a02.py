class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        self.n = len(self.rows)
        self.m = len(self.rows[0])

    @classmethod
    def identity(cls, n):
        return cls([[1 if i == j else 0 for j in range(n)] for i in range(n)])

    def __mul__(self, other):
        if isinstance(other, (int, float)):
            return Matrix([[x * other for x in r] for r in self.rows])
        if self.m != other.n:
            raise ValueError("sizes do not fit")
        return Matrix([[sum(a * b for a, b in zip(r, c)) for c in zip(*other.rows)] for r in self.rows])

    __rmul__ = __mul__

    def __pow__(self, k):
        result = Matrix.identity(self.n)
        base = self
        while k:
            if k & 1:
                result = result * base
            base = base * base
            k >>= 1
        return result

    def __eq__(self, other):
        return isinstance(other, Matrix) and self.rows == other.rows

    def __getitem__(self, place):
        i, j = place
        return self.rows[i][j]

    def __str__(self):
        width = max(len(str(x)) for r in self.rows for x in r)
        return "\n".join(" ".join(f"{x:>{width}}" for x in r) for r in self.rows)


f = Matrix([[1, 1], [1, 0]])
print(f ** 10)
print((f ** 30)[0, 1])
print(3 * f == Matrix([[3, 3], [3, 0]]))
try:
    f * Matrix([[1, 2, 3]])
except ValueError as problem:
    print("no:", problem)
