import math
print(math.comb(5, 2), math.perm(5, 2), math.prod([1, 2, 3]), math.comb(50, 25))
print(dict.fromkeys("abc", 0), dict(a=1))
def describe(kind, *names, sep=', ', **traits):
    print(kind, sep.join(names), end=': ')
    for key, value in traits.items():
        print(key, '=', value, end='; ')
    print(len(traits))
describe('tree', 'oak', 'ash', height=20, leaf='lobed')
describe('tree')
describe('tree', 'x', sep="/")
def f(**info):
    for key in info:
        print(key, "=", info[key])
    info["x"] = 1
f(name="Wren", age=12)
f()
f()
