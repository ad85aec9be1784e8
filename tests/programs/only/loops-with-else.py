plants = ["aster", "basil", "clover"]
for wanted in ["basil", "holly"]:
    for position, plant in enumerate(plants):
        if plant == wanted:
            print("found", wanted, "at", position)
            break
    else:
        print("no", wanted, "here")
n = 10
while n > 0:
    n -= 3
    if n == 4:
        break
else:
    print("ran out")
for i in range(3):
    pass
else: print("done", i)
for i, (a, b) in enumerate([(1, 2), (3, 4)]):
    print(i, a + b)
print([k * v for i, (k, v) in enumerate({"a": 2, "b": 3}.items())])
def f(a, b, c): return a + b * c
t = (1, 2, 3)
print(f(*t), f(1, *[5, 6]))
def attempt(d, *order):
    return f(*order) + d
print(attempt(10, 1, 2, 3))
