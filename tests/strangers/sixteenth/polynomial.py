class Polynomial:
    """A polynomial, lowest power first."""

    def __init__(self, *coefficients):
        self.coefficients = list(coefficients)
        while len(self.coefficients) > 1 and self.coefficients[-1] == 0:
            self.coefficients.pop()

    @property
    def degree(self):
        return len(self.coefficients) - 1

    def __call__(self, x):
        result = 0
        for c in reversed(self.coefficients):
            result = result * x + c
        return result

    def __add__(self, other):
        size = max(len(self.coefficients), len(other.coefficients))
        a = self.coefficients + [0] * (size - len(self.coefficients))
        b = other.coefficients + [0] * (size - len(other.coefficients))
        return Polynomial(*[x + y for x, y in zip(a, b)])

    def __mul__(self, other):
        if isinstance(other, (int, float)):
            return Polynomial(*(c * other for c in self.coefficients))
        result = [0] * (self.degree + other.degree + 1)
        for i, a in enumerate(self.coefficients):
            for j, b in enumerate(other.coefficients):
                result[i + j] += a * b
        return Polynomial(*result)

    __rmul__ = __mul__

    def __eq__(self, other):
        return self.coefficients == other.coefficients

    def derivative(self):
        return Polynomial(*[i * c for i, c in enumerate(self.coefficients)][1:] or [0])

    def __str__(self):
        parts = []
        for power, c in reversed(list(enumerate(self.coefficients))):
            if c == 0 and self.degree > 0:
                continue
            sign = "-" if c < 0 else "+"
            number = "" if abs(c) == 1 and power else str(abs(c))
            variable = "" if power == 0 else "x" if power == 1 else f"x^{power}"
            parts.append((sign, number + variable))
        first, *others = parts
        text = ("-" if first[0] == "-" else "") + first[1]
        return text + "".join(f" {s} {t}" for s, t in others)


p = Polynomial(-1, 0, 3, 2)
q = Polynomial(1, -1)
print(p, "|", q, "|", p + q, "|", p * q)
print(p(2), q(10), p.degree, (p * 2), 3 * q)
print(p.derivative(), p.derivative().derivative(), Polynomial(5).derivative())
print(p == Polynomial(-1, 0, 3, 2, 0), p == q)
print([p(x) for x in range(-2, 3)])
