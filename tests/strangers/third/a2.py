def make_counter(start=0):
    count = start
    def step(by=1):
        nonlocal count
        count += by
        return count
    return step

a = make_counter()
b = make_counter(10)
print(a(), a(), b(5), a())

def apply(f, xs):
    out = []
    for x in xs:
        out.append(f(x))
    return out

def double(x):
    return x * 2

print(apply(double, [1, 2, 3]))
print(apply(lambda s: s.upper(), ["oak", "elm"]))
ops = {"+": lambda x, y: x + y, "-": lambda x, y: x - y}
for sign in ops:
    print(sign, ops[sign](7, 3))
