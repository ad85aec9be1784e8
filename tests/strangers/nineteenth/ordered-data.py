from dataclasses import dataclass, field
@dataclass(order=True)
class Bed:
    size: int
    name: str = field(default="x", compare=False)
    plants: list = field(default_factory=list, compare=False)
print(Bed(3) < Bed(5), max(Bed(2), Bed(9)).size, Bed(3, "q") == Bed(3, "r"), Bed(1))
print(sorted([Bed(4), Bed(1)]))
