class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        self.height = len(self.rows)
        self.width = len(self.rows[0])

    @classmethod
    def identity(cls, n):
        return cls([[1 if i == j else 0 for j in range(n)] for i in range(n)])

    def __getitem__(self, pos):
        r, c = pos
        return self.rows[r][c]

    def __setitem__(self, pos, value):
        r, c = pos
        self.rows[r][c] = value

    def __matmul__(self, other):
        return Matrix([[sum(self[i, k] * other[k, j] for k in range(self.width)) for j in range(other.width)] for i in range(self.height)])

    def __str__(self):
        return "\n".join(" ".join(f"{v:3}" for v in row) for row in self.rows)

m = Matrix([[1, 2], [3, 4]])
m[0, 0] = 5
print(m @ Matrix.identity(2))
print(m[1, 1])
