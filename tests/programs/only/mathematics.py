import math
from math import sqrt, pi
import random as chance

print(sqrt(16), round(pi, 4), math.pow(2, 3), math.hypot(3, 4), math.gcd(12, 18), math.factorial(20))
print(math.sin(0), math.cos(0), math.tan(0), math.degrees(math.pi), math.radians(180) == pi, math.atan2(1, 1))
print(math.trunc(-2.7), math.log10(1000), math.log(1), math.exp(0), math.fabs(-3), math.log2(8))
print(math.inf > 10 ** 100, -math.inf, float("inf") > 5, math.floor(-0.5), math.ceil(0.2))
print(divmod(17, 5), divmod(-17, 5), pow(2, 5), abs(-2.5), round(2.5), round(3.14159, 2))
print(1 <= chance.randint(1, 6) <= 6)
