a = 1
print(a is True, 0 is False, 1.0 is 1, True is True, None is None, a is 1, a is not True, [] is [], (a == 1) is True)
b = a
print(b is a, "x" is "x", a is a, 2.5 is 2.5)
