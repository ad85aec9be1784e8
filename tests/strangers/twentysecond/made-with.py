from dataclasses import dataclass, field, asdict
@dataclass
class A:
    n: int
    name: str = "x"
@dataclass
class B:
    a: A
    many: list = field(default_factory=list)
    d: dict = field(default_factory=dict)
b = B(A(1), [A(2, "y"), 3], {"k": A(4)})
d = asdict(b)
d["many"].append(9)
print(d, b.many, asdict(A(5))["name"])
class OwnError(Exception):
    pass
for f in range(7):
    try:
        if f == 0: {"a": 1}["b"]
        if f == 1: {}[7]
        if f == 2: int("x")
        if f == 3: raise ValueError("bad thing")
        if f == 4: raise KeyError("own key")
        if f == 5: [1][5]
        if f == 6: raise OwnError("mine")
    except KeyError as missing:
        print("key", missing.args[0], missing)
    except (ValueError, IndexError) as e:
        print(type(e).__name__, e.args[0].upper())
    except OwnError as e:
        print(e.args[0])
class Many(Exception):
    def __init__(self, plant, why, *, code=3):
        super().__init__(why)
        self.plant = plant
        self.code = code
class Plain(Exception): pass
for k in range(3):
    try:
        if k == 0: raise Many("pea", "dry", code=9)
        if k == 1: raise Plain("a", 5)
        raise Plain
    except Many as e:
        print(e.args[0], e.plant, e.code, e)
    except Plain as e:
        print(e.args[0] if k == 1 else "none")
