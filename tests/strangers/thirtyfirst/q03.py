
class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        self.n, self.m = len(rows), len(rows[0])

    @staticmethod
    def identity(n):
        return Matrix([[int(i == j) for j in range(n)] for i in range(n)])

    def __matmul__(self, other):
        return Matrix([[sum(a * b for a, b in zip(row, col)) for col in zip(*other.rows)] for row in self.rows])

    def __mul__(self, other):
        if isinstance(other, (int, float)):
            return Matrix([[x * other for x in row] for row in self.rows])
        return self @ other

    def __pow__(self, k):
        result = Matrix.identity(self.n)
        for _ in range(k):
            result = result * self
        return result

    def transpose(self):
        return Matrix(list(zip(*self.rows)))

    def det(self):
        if self.n == 1:
            return self.rows[0][0]
        total = 0
        for c in range(self.m):
            minor = [row[:c] + row[c + 1:] for row in self.rows[1:]]
            total += (-1) ** c * self.rows[0][c] * Matrix(minor).det()
        return total

    def __str__(self):
        return "\n".join(" ".join(f"{x:4}" for x in row) for row in self.rows)


a = Matrix([[1, 2], [3, 4]])
print(a * a)
print(a * 3)
print((a ** 5).rows)
print(a.transpose())
print(Matrix([[2, 0, 1], [1, 3, 2], [1, 1, 1]]).det())
for row in a.rows:
    print(*row, sep="\t")
