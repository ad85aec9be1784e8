def total(*numbers, scale=1):
    s = 0
    for n in numbers:
        s += n
    return s * scale

print(total(1, 2, 3))
print(total(1, 2, 3, scale=10))
vals = [4, 5, 6]
print(total(*vals))

def describe(**info):
    for key in info:
        print(key, "=", info[key])

describe(name="Wren", age=12)
