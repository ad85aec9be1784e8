from math import gcd
from functools import reduce, total_ordering


@total_ordering
class Ratio:
    """An exact ratio of two whole numbers."""

    def __init__(self, top, bottom=1):
        if bottom == 0:
            raise ZeroDivisionError("a ratio can't have 0 below")
        if bottom < 0:
            top, bottom = -top, -bottom
        common = gcd(top, bottom)
        self.top = top // common
        self.bottom = bottom // common

    @classmethod
    def parse(cls, text):
        if "/" in text:
            a, b = text.split("/")
            return cls(int(a), int(b))
        return cls(int(text))

    @property
    def whole(self):
        return self.bottom == 1

    def __add__(self, other):
        other = self._as_ratio(other)
        return Ratio(self.top * other.bottom + other.top * self.bottom, self.bottom * other.bottom)

    __radd__ = __add__

    def __sub__(self, other):
        return self + -self._as_ratio(other)

    def __neg__(self):
        return Ratio(-self.top, self.bottom)

    def __mul__(self, other):
        other = self._as_ratio(other)
        return Ratio(self.top * other.top, self.bottom * other.bottom)

    def __truediv__(self, other):
        other = self._as_ratio(other)
        return Ratio(self.top * other.bottom, self.bottom * other.top)

    def __pow__(self, n):
        if n < 0:
            return Ratio(self.bottom ** -n, self.top ** -n)
        return Ratio(self.top ** n, self.bottom ** n)

    def __eq__(self, other):
        other = self._as_ratio(other)
        return (self.top, self.bottom) == (other.top, other.bottom)

    def __lt__(self, other):
        other = self._as_ratio(other)
        return self.top * other.bottom < other.top * self.bottom

    def __hash__(self):
        return hash((self.top, self.bottom))

    def __float__(self):
        return self.top / self.bottom

    def __str__(self):
        return str(self.top) if self.whole else f"{self.top}/{self.bottom}"

    def __repr__(self):
        return f"Ratio({self.top}, {self.bottom})"

    @staticmethod
    def _as_ratio(value):
        return value if isinstance(value, Ratio) else Ratio(value)


halves = [Ratio(1, n) for n in range(2, 6)]
print(halves)
print("sum", sum(halves))
print("product", reduce(lambda a, b: a * b, halves))
print("largest", max(halves), "smallest", min(halves))
print(sorted([Ratio.parse(t) for t in "3/4 -1/2 2 5/10 7/3".split()]))
print(Ratio(1, 2) == Ratio(2, 4), Ratio(4, 2) == 2, Ratio(1, 3) <= Ratio(1, 3), Ratio(1, 3) > 1)
print(Ratio(2, 3) ** -2, 1 + Ratio(1, 2), Ratio(1, 2) / Ratio(1, 4))
print(len({Ratio(1, 2), Ratio(2, 4), Ratio(1, 3)}))
print(f"{float(Ratio(1, 3)):.4f}")
for text in ("1/0", "x", "1/2/3"):
    try:
        print(Ratio.parse(text))
    except ZeroDivisionError as e:
        print("zero:", e)
    except ValueError as e:
        print("value:", e)
