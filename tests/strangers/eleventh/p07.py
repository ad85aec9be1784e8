from dataclasses import dataclass, field
from typing import List, Optional
from enum import Enum, auto
import random

class State(Enum):
    SEED = auto()
    SPROUT = auto()
    PLANT = auto()

@dataclass
class Plant:
    name: str
    height: float = 0.0
    state: State = State.SEED
    notes: List[str] = field(default_factory=list)

    def grow(self, by: float) -> None:
        self.height += by
        if self.height > 10:
            self.state = State.PLANT
        elif self.height > 0:
            self.state = State.SPROUT

    @property
    def label(self) -> str:
        return f"{self.name} ({self.state.name.lower()})"

    @staticmethod
    def parse(text: str) -> "Plant":
        name, height = text.split(":")
        return Plant(name.strip(), float(height))

    @classmethod
    def many(cls, *names):
        return [cls(n) for n in names]

def tallest(plants: List[Plant]) -> Optional[Plant]:
    return max(plants, key=lambda p: p.height, default=None)

random.seed(3)
plants = Plant.many("pea", "bean") + [Plant.parse("kale : 4.5")]
for day in range(3):
    for i, p in enumerate(plants):
        p.grow(day * (i + 1) * 1.5)
for p in plants:
    print(p.label, p.height)
print(plants[0])
print(tallest(plants).name, tallest([]))
print(State.SEED, State.PLANT.value, [s.name for s in State])
print(plants[0] == Plant("pea", 4.5, State.SPROUT))
