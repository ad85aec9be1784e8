import sys

class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
        self.n, self.m = len(rows), len(rows[0])

    @classmethod
    def identity(cls, n):
        return cls([[int(i == j) for j in range(n)] for i in range(n)])

    def __getitem__(self, key):
        i, j = key
        return self.rows[i][j]

    def __setitem__(self, key, value):
        i, j = key
        self.rows[i][j] = value

    def __add__(self, other):
        return Matrix([[a + b for a, b in zip(r, s)] for r, s in zip(self.rows, other.rows)])

    def __mul__(self, other):
        if isinstance(other, (int, float)):
            return Matrix([[x * other for x in r] for r in self.rows])
        cols = list(zip(*other.rows))
        return Matrix([[sum(a * b for a, b in zip(r, c)) for c in cols] for r in self.rows])

    def __rmul__(self, k):
        return self * k

    def __eq__(self, other):
        return self.rows == other.rows

    def __str__(self):
        return "\n".join(" ".join(f"{x:4}" for x in r) for r in self.rows)

    def __pow__(self, n):
        result = Matrix.identity(self.n)
        base = self
        while n:
            if n & 1:
                result = result * base
            base = base * base
            n >>= 1
        return result

    def __iter__(self):
        for r in self.rows:
            yield from r

    def __bool__(self):
        return any(self)

fib = Matrix([[1, 1], [1, 0]])
print(fib ** 10)
print((fib ** 50)[0, 1])
m = Matrix([[1, 2], [3, 4]])
print(m + m == 2 * m, m * 2 == m + m, bool(Matrix([[0]])), sum(m))
m[0, 1] = 9
print(m, list(m), sep="\n")
sys.stdout.write("done\n")
