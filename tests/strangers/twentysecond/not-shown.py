from dataclasses import dataclass, field
@dataclass(order=True)
class H:
    weight: float
    name: str = field(compare=False)
    notes: list = field(default_factory=list, compare=False, repr=False)
    secret: str = field(default="s", repr=False)
print(H(1.5, "a"), [H(2, "b")], H(1, "x") < H(2, "y"), H(1, "x") == H(1, "z"))
