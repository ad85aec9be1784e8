class Animal:
    count = 0

    def __init__(self, name, legs=4):
        self.name = name
        self.legs = legs
        Animal.count += 1

    def sound(self):
        return "..."

    def speak(self):
        return f"{self.name} says {self.sound()}"

    def __str__(self):
        return f"{type(self).__name__}({self.name}, {self.legs} legs)"

    def __repr__(self):
        return f"<{self.name}>"

    def __eq__(self, other):
        return isinstance(other, Animal) and self.name == other.name

    def __lt__(self, other):
        return self.name < other.name


class Hen(Animal):
    def __init__(self, name):
        super().__init__(name, 2)
        self.eggs = []

    def sound(self):
        return "cluck"

    def lay(self, weight):
        self.eggs.append(weight)
        return self

    @property
    def total(self):
        return sum(self.eggs)


class Goat(Animal):
    def sound(self):
        return "meh"


farm = [Goat("Moss"), Hen("Pip"), Animal("Worm", 0), Hen("Dot")]
for animal in farm:
    print(animal, "-", animal.speak())
farm[1].lay(50).lay(62)
print(farm[1].total, Animal.count)
print(sorted(farm))
print(Goat("Moss") == farm[0], Goat("Moss") is farm[0])
print(max(farm), min(farm, key=lambda a: a.legs))
