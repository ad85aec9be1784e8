def mat(r, c, f=lambda i, j: 0):
    return [[f(i, j) for j in range(c)] for i in range(r)]
print(mat(1, 2))
print(mat(1, 2, lambda a, b: a + b))
def g(a, b=max(1, 2), c=[1, 2], d={"x": 1, "y": 2}, e=(1, 2), f="a,b"):
    return a, b, c, d, e, f
print(g(1))
