import itertools
from itertools import product
print(len(list(itertools.product([0, 1], repeat=3))), list(itertools.product("ab", [1, 2])))
for a, b, c in product([1, 2], "xy", (True, False)):
    print(a, b, c)
