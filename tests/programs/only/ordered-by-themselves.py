class P:
    def __init__(self, n): self.n = n
    def __lt__(self, other):
        print("lt", self.n, other.n)
        return self.n < other.n
a, b = P(1), P(2)
print(a < b, b < a, a > b, b > a)
print((1, a) < (1, b), [a] > [b])
class Q:
    def __init__(self, n): self.n = n
for ask in (lambda: Q(1) < Q(2), lambda: sorted([Q(1), Q(2)]), lambda: a <= b, lambda: b >= a, lambda: 3 < a, lambda: max(Q(1), Q(2))):
    try:
        ask()
        print("no failure")
    except TypeError:
        print("type")
