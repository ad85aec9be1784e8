import math
from math import lcm
print("%r|%s|%5d|%-6s|%8r|" % ("pea", [1], 3, "a", "x"))
print("%r" % "x", "%r" % 3)
print(math.lcm(4, 6), lcm(0, 5), lcm(-4, 6), math.lcm(10**9, 10**9 + 7), math.gcd(7, 21))
