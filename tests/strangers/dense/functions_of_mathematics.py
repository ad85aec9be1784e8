import math
fs = {"sqrt": math.sqrt, "floor": math.floor}
print(fs["sqrt"](16), fs["floor"](2.7), list(map(math.sqrt, [4, 9])))
f = math.ceil
print(f(1.2))
