def read_matrix(text):
    return [[int(x) for x in row.split()] for row in text.strip().split("\n")]

def transpose(m):
    return [list(col) for col in zip(*m)]

def multiply(a, b):
    result = []
    for row in a:
        result.append([sum(x * y for x, y in zip(row, col)) for col in transpose(b)])
    return result

def show(m, title=""):
    if title:
        print(title)
    width = max(len(str(x)) for row in m for x in row)
    for row in m:
        print(" ".join(str(x).rjust(width) for x in row))
    print()

A = read_matrix("""
1 2 3
4 5 6
""")
B = read_matrix("""
7 8
9 10
11 12
""")
show(A, "A")
show(B, "B")
show(multiply(A, B), "A x B")
identity = [[1 if i == j else 0 for j in range(3)] for i in range(3)]
show(multiply(A, identity))
assert multiply(A, identity) == A
determinant = lambda m: m[0][0] * m[1][1] - m[0][1] * m[1][0]
print("det:", determinant(multiply(A, B)))
diag = [row[i] for i, row in enumerate(identity)]
print(diag, sum(diag), any(0 in row for row in A), all(len(r) == 3 for r in A))
