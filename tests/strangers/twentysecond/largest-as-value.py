from functools import reduce
ops = {'most': max, 'least': min}
print(ops['most'](3, 8), ops['least']([4, 2, 9]), reduce(max, [3, 9, 2]), list(map(min, [[3, 1], [5, 4]])))
def apply(f, *a): return f(*a)
print(apply(max, 1, 5, 2))
f = min
print(f("ab"), f(2, 1))
