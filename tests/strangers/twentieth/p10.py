from dataclasses import dataclass, field
from enum import Enum
from typing import List, Optional


class Season(Enum):
    SPRING = 1
    SUMMER = 2
    AUTUMN = 3


@dataclass
class Plant:
    name: str
    season: Season
    height: float = 0.0
    notes: List[str] = field(default_factory=list)

    def grow(self, cm: float) -> None:
        self.height += cm
        self.notes.append(f"+{cm}")


@dataclass(order=True, frozen=True)
class Point:
    x: int
    y: int = 0


def find(plants: List[Plant], name: str) -> Optional[Plant]:
    return next((p for p in plants if p.name == name), None)


plants = [Plant("rose", Season.SUMMER), Plant("crocus", Season.SPRING, 5.5)]
plants[0].grow(12.5)
plants[0].grow(3)
print(plants[0])
print(find(plants, "crocus"))
print(find(plants, "oak"))
print(Season.SPRING, Season(2).name, Season["AUTUMN"].value, [s.name for s in Season])
print(sorted([Point(2, 1), Point(1, 5), Point(1)]), Point(1, 2) == Point(1, 2))
try:
    Point(1, 2).x = 5
except Exception as e:
    print(type(e).__name__)
for p in sorted(plants, key=lambda p: p.season.value):
    match p.season:
        case Season.SPRING:
            print(p.name, "blooms early")
        case Season.SUMMER | Season.AUTUMN:
            print(p.name, "blooms late")
