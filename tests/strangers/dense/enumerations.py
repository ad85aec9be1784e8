import enum
from enum import Enum, auto

class Light(Enum):
    """The lights of the gate."""
    RED = "red"
    AMBER = "amber"
    GREEN = "green"

    def next(self):
        order = list(Light)
        return order[(order.index(self) + 1) % len(order)]

    @property
    def seconds(self):
        return {Light.RED: 30, Light.AMBER: 5, Light.GREEN: 25}[self]

class Day(enum.Enum):
    MON = auto()
    TUE = auto()
    WED = auto()

light = Light.RED
for _ in range(4):
    print(light, light.name, light.value, light.seconds)
    light = light.next()
print([light for light in Light])
print(repr(Day.MON), Day.TUE.value, len(Day))
print(Light("amber"), Light["GREEN"])
try:
    Light("blue")
except ValueError as e:
    print("Error:", e)
try:
    Day["SUN"]
except KeyError as e:
    print("KeyError:", e)
try:
    Day(9)
except ValueError as e:
    print(e)
print(Light.RED == Light.RED, Light.RED == Light.GREEN, Light.RED is Light("red"), Light.RED != "red")
counts = {day: 0 for day in Day}
counts[Day.WED] += 2
print(counts)
print(isinstance(Light.RED, Light), Light.RED in Light, type(Light.RED).__name__)
print(sorted(Day, key=lambda d: -d.value)[0])
match light:
    case Light.AMBER:
        print("amber!")
    case _:
        print("other")
names = [d.name.title() for d in Day if d.value > 1]
print(names, f"{Day.MON}", f"{Day.MON.name:>5}", str(Day.MON))
