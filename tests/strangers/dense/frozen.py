from dataclasses import dataclass
@dataclass(frozen=True)
class P:
    x: int
    y: int = 0
    def moved(self, dx):
        return P(self.x + dx, self.y)
p = P(1)
print(p, p == P(1, 0), p.moved(3).x, [P(1, 2)])
