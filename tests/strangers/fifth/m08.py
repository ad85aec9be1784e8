class Pet:
    def __init__(self, name, hunger=5):
        self.name = name
        self.__hunger = hunger

    def feed(self, amount=1):
        self.__hunger = max(0, self.__hunger - amount)
        print(self.name, "eats")

    def getHunger(self):
        return self.__hunger

    def __str__(self):
        mood = "happy" if self.__hunger < 3 else "hungry"
        return self.name + " is " + mood


class Dog(Pet):
    def __init__(self, name):
        super().__init__(name, 8)
        self.tricks = []

    def teach(self, trick):
        self.tricks.append(trick)

    def show(self):
        if not self.tricks:
            print(self.name, "knows nothing")
        for t in self.tricks:
            print(self.name, "does", t)


pets = [Pet("Pip"), Dog("Rex")]
for p in pets:
    p.feed(3)
    print(p, p.getHunger())
pets[1].show()
pets[1].teach("roll")
pets[1].show()
print(isinstance(pets[1], Pet), type(pets[0]) == Pet)
