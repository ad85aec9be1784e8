from dataclasses import dataclass, field
from typing import List, Dict
@dataclass
class Soil:
    ph: float = 7.0
@dataclass
class Bed:
    size: int
    soil: Soil = field(default_factory=Soil)
    plants: List[str] = field(default_factory=list)
    notes: Dict[str, int] = field(default_factory=lambda: {"a": 1})
    rows: list = field(default_factory=lambda: [0] * 3)
    name: str = field(default="x")
a, b = Bed(1), Bed(2)
a.plants.append("pea"); a.notes["b"] = 2; a.rows[0] = 5; a.soil.ph = 6
print(a); print(b); print(a == b, a == Bed(1))
