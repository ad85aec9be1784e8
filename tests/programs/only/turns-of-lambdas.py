funcs = [lambda i=i: i for i in range(3)]
print([f() for f in funcs])
funcs = [lambda x, k=k: x * k for k in range(1, 4)]
print([f(10) for f in funcs])
adders = {n: (lambda x, n=n: x + n) for n in (1, 2)}
print(adders[1](5), adders[2](5))
fs = []
for i in range(3):
    fs.append(lambda: i)
print([f() for f in fs])
fs = []
for i in range(3):
    fs.append(lambda i=i: i)
print([f() for f in fs])
ops = [("add", lambda a, b: a + b), ("mul", lambda a, b: a * b)]
for name, op in ops:
    print(name, op(3, 4))
