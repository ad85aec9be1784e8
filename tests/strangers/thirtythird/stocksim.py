import json
from dataclasses import dataclass, field, asdict
from enum import Enum, auto
from typing import Optional, List, Dict


class Kind(Enum):
    SEED = auto()
    TOOL = auto()
    POT = auto()


@dataclass(order=True)
class Item:
    name: str
    price: float
    kind: Kind = field(default=Kind.SEED, compare=False)
    tags: List[str] = field(default_factory=list, compare=False)

    @property
    def dear(self) -> bool:
        return self.price > 10


@dataclass
class Store:
    items: Dict[str, Item] = field(default_factory=dict)

    def add(self, item: Item) -> "Store":
        self.items[item.name] = item
        return self

    def find(self, name: str) -> Optional[Item]:
        return self.items.get(name)

    def of(self, kind: Kind) -> List[Item]:
        return [i for i in self.items.values() if i.kind is kind]


store = Store().add(Item("rake", 18.5, Kind.TOOL)).add(Item("poppy", 1.2)).add(Item("urn", 9.99, Kind.POT, ["clay"]))
store.find("poppy").tags.append("red")
print(store.find("poppy"))
print(store.find("fork"))
print([i.name for i in sorted(store.items.values())], [i.name for i in store.of(Kind.TOOL)])
print(Kind.POT, Kind.POT.name, Kind.POT.value, Kind(2), Kind["SEED"], len(Kind))
for k in Kind:
    print(k.name.lower(), sum(i.price for i in store.of(k)))
data = {"owner": "Tom", "rows": [1, 2.5, None, True], "beds": {"a": []}}
text = json.dumps(data)
print(text)
print(json.dumps(data, indent=2, sort_keys=True))
back = json.loads(text)
print(back == data, back["rows"][2] is None)
try:
    json.loads("{bad}")
except json.JSONDecodeError as e:
    print("bad json")
print(asdict(store.find("rake"))["price"], store.find("rake").dear)
print(Item("a", 1) == Item("a", 1, Kind.POT), Item("a", 2) < Item("b", 1))
