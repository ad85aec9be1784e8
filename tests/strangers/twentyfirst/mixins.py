class Described:
    def describe(self):
        return f"{type(self).__name__}({self.label()})"


class Weighed:
    weight = 0

    def heavier(self, other):
        return self.weight > other.weight


class Crop(Described, Weighed):
    def __init__(self, name, weight):
        self.name = name
        self.weight = weight

    def label(self):
        return self.name.title()


class Root(Crop):
    def label(self):
        return "root " + super().label()


carrot = Root("carrot", 120)
pea = Crop("pea", 3)
for thing in (carrot, pea):
    print(thing.describe(), thing.weight)
print(carrot.heavier(pea), pea.heavier(carrot))
print(isinstance(carrot, Weighed), issubclass(Root, Described))
