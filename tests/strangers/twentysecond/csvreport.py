import csv
import io
import json
from dataclasses import dataclass, field, asdict
from enum import Enum, auto
from statistics import mean, median, stdev

class Kind(Enum):
    ROOT = auto()
    LEAF = auto()
    FRUIT = "fruit"

    @property
    def label(self):
        return self.name.capitalize()

@dataclass(order=True)
class Harvest:
    weight: float
    name: str = field(compare=False)
    kind: Kind = field(compare=False, default=Kind.LEAF)
    notes: list = field(default_factory=list, compare=False, repr=False)

    def __post_init__(self):
        if self.weight < 0:
            raise ValueError(f"bad weight: {self.weight}")

    @property
    def heavy(self) -> bool:
        return self.weight > 2

DATA = """name,kind,weight
carrot,ROOT,1.5
kale,LEAF,0.75
pumpkin,FRUIT,6.25
leek,ROOT,-1
"""

def load(text):
    for row in csv.DictReader(io.StringIO(text)):
        try:
            yield Harvest(float(row["weight"]), row["name"], Kind[row["kind"]])
        except ValueError as e:
            print("skipped", row["name"], "-", e)

items = list(load(DATA))
for h in sorted(items):
    print(h, h.heavy, h.kind.label)
print(max(items).name, items[0] < items[1])
weights = [h.weight for h in items]
print(mean(weights), median(weights), round(stdev(weights), 3))
print(json.dumps({"n": len(items), "names": [h.name for h in items], "ok": True, "none": None}))
print(json.dumps([1, {"a": [1.5, "x"]}], indent=2))
back = json.loads('{"bed": 3, "plants": ["pea", "bean"], "dry": false}')
print(back["plants"][1], back["dry"], type(back).__name__, back.get("missing", "-"))
d = asdict(items[1])
print(d["name"], d["weight"])
print([k.name for k in Kind], Kind.FRUIT.value, Kind("fruit"), Kind.ROOT == Kind.ROOT, Kind.LEAF in (Kind.ROOT, Kind.LEAF))
