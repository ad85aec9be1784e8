from dataclasses import dataclass


@dataclass
class Plant:
    name: str
    height: float = 1.5
    thirsty: bool = False

    def grow(self, by):
        self.height += by


p = Plant("fern")
q = Plant("rose", 2.0, True)
p.grow(0.5)
print(p.name, p.height, q.thirsty)
r = Plant(name="moss", height=0.25)
print(r.name, r.height)
