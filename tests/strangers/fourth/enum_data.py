from enum import Enum, auto
from dataclasses import dataclass, field
from typing import Optional, List, Dict

class Colour(Enum):
    RED = 1
    AMBER = 2
    GREEN = 3

    def next(self):
        members = list(Colour)
        return members[(members.index(self) + 1) % len(members)]

class Tool(Enum):
    RAKE = auto()
    HOE = auto()

@dataclass
class Plant:
    name: str
    height: float = 0.0
    tags: List[str] = field(default_factory=list)

    def grow(self, cm: float) -> "Plant":
        self.height += cm
        return self

@dataclass(order=True, frozen=True)
class Score:
    points: int
    who: str = field(compare=False, default="?")

c = Colour.RED
print(c, c.name, c.value, c.next(), Colour(3), Colour["AMBER"], Tool.HOE.value)
for col in Colour:
    print(col.name.title(), "*" * col.value)
print(c is Colour.RED, c == Colour.GREEN, {Colour.RED: "stop"}[c])
p = Plant("fern").grow(2.5)
p.tags.append("shade")
print(p, p == Plant("fern", 2.5, ["shade"]))
print(max(Score(3, "a"), Score(5, "b")), Score(1) < Score(2))
def find(name: str, where: Dict[str, Plant]) -> Optional[Plant]:
    return where.get(name)
print(find("oak", {}) is None)
