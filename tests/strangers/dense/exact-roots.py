import math
print(math.isqrt(10**30), math.isqrt(2**62 + 5), math.isqrt(9007199254740993 ** 2))
print(math.sqrt(2**60))
