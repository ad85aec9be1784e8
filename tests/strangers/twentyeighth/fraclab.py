from fractions import Fraction
from decimal import Decimal
import math

a = Fraction(3, 4)
b = Fraction(5, 6)
print(a + b, a * b, a - b, a / b, a ** 2)
print(a.numerator, b.denominator, float(a), a < b, max(a, b))
print(Fraction("0.125"), Fraction(6, 8) == a)
total = sum((Fraction(1, n) for n in range(1, 6)), Fraction(0))
print(total, repr(total))
print(Decimal("0.1") + Decimal("0.2"))
print(math.gcd(84, 36), math.lcm(4, 6), math.isqrt(50), math.comb(5, 2), math.factorial(6))
