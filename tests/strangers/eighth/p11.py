class Animal:
    def __init__(self, name, sound="..."):
        self.name = name
        self.__sound = sound

    def speak(self):
        return f"{self.name} says {self.__sound}"

    def __repr__(self):
        return f"{type(self).__name__}({self.name!r})"

    def __lt__(self, other):
        return self.name < other.name


class Dog(Animal):
    tricks_known = 0

    def __init__(self, name):
        super().__init__(name, "woof")
        self.tricks = []

    def teach(self, trick):
        self.tricks.append(trick)
        Dog.tricks_known += 1
        return self

    def speak(self):
        base = super().speak()
        return base + (f" and can {', '.join(self.tricks)}" if self.tricks else "")


class Puppy(Dog):
    @staticmethod
    def advice():
        return "feed often"

    @classmethod
    def litter(cls, *names):
        return [cls(n) for n in names]


farm = [Animal("Moo", "moo"), Dog("Rex").teach("sit").teach("roll"), *Puppy.litter("Pip", "Ada")]
for a in sorted(farm):
    print(a, "-", a.speak())
print(isinstance(farm[2], Dog), issubclass(Puppy, Animal), Puppy.advice(), Dog.tricks_known, hasattr(farm[0], "tricks"))
print(farm[1].__class__.__name__, [type(a) is Dog for a in farm])
