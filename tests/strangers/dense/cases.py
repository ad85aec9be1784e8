def told(command):
    match command:
        case [a, *rest]:
            return f"{a}: {rest}"
        case {"kind": "bed", "size": size}:
            return f"bed {size}"
        case str() as s:
            return s.upper()
        case int(n) if n > 3:
            return "many"
        case _:
            return "other"
print(told([1, 2, 3]), told({"kind": "bed", "size": 4}), told("x"), told(9), told(1))
class Bed:
    def __init__(self, plant, size):
        self.plant = plant
        self.size = size
def seen(thing):
    match thing:
        case Bed(plant="rose", size=s):
            return f"roses {s}"
        case Bed(plant=p):
            return p
        case [Bed() as first, *others] if others:
            return f"{first.plant} and {len(others)} more"
        case {"beds": [a, b], "name": str(n)}:
            return f"{n}: {a}, {b}"
        case (int() | float()) as number:
            return number * 2
        case None:
            return "nothing"
        case []:
            return "empty"
        case bool():
            return "truth"
    return "?"
b = Bed("rose", 3)
print(seen(b), seen(Bed("pea", 1)), seen([b, 1, 2]), seen([b]), seen({"beds": [1, 2], "name": "x", "more": 1}), seen({"beds": [1, 2], "name": 7}))
print(seen(2), seen(2.5), seen(None), seen([]), seen("s"), seen(True))
