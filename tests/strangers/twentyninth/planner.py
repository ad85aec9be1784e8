#!/usr/bin/env python3
"""Garden planner: keeps beds, crops and harvests."""
from __future__ import annotations
from dataclasses import dataclass, field
from typing import Optional
from enum import Enum, auto
import json


class Season(Enum):
    SPRING = auto()
    SUMMER = auto()
    AUTUMN = auto()

    def next(self) -> Season:
        members = list(Season)
        return members[(members.index(self) + 1) % len(members)]


@dataclass
class Crop:
    name: str
    days: int
    season: Season = Season.SPRING
    yields: list[float] = field(default_factory=list)

    def record(self, kg: float) -> None:
        if kg < 0:
            raise ValueError(f"negative harvest: {kg}")
        self.yields.append(kg)

    @property
    def total(self) -> float:
        return sum(self.yields)

    def __lt__(self, other: Crop) -> bool:
        return self.total < other.total


class Planner:
    def __init__(self, crops: Optional[list[Crop]] = None):
        self._crops = {c.name: c for c in crops or []}

    def __getitem__(self, name: str) -> Crop:
        try:
            return self._crops[name]
        except KeyError:
            raise LookupError(f"no crop called {name!r}") from None

    def __contains__(self, name): return name in self._crops
    def __iter__(self): return iter(self._crops.values())
    def __len__(self): return len(self._crops)

    def best(self, n=1):
        return sorted(self, reverse=True)[:n]


def main() -> None:
    planner = Planner([Crop("kale", 55), Crop("bean", 60, Season.SUMMER), Crop("pea", 65)])
    for name, kg in [("kale", 1.5), ("bean", 3.25), ("kale", 2), ("pea", -1), ("leek", 4)]:
        try:
            planner[name].record(kg)
        except (ValueError, LookupError) as err:
            print(f"{type(err).__name__}: {err}")
    for crop in planner:
        print(f"{crop.name:<6}|{crop.total:>6.2f}|{crop.season.name.title():^10}|{crop.season.value}")
    print([c.name for c in planner.best(2)], len(planner), "pea" in planner)
    print(Season.AUTUMN.next(), max(planner))
    print(json.dumps({c.name: c.yields for c in planner}, indent=2, sort_keys=True))


if __name__ == "__main__":
    main()
