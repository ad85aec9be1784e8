class Animal:
    def __init__(self, name):
        self.name = name
    def speak(self):
        return "..."
    def intro(self):
        return self.name + " says " + self.speak()

class Dog(Animal):
    def speak(self):
        return "Woof"

class Cat(Animal):
    def __init__(self, name, colour):
        super().__init__(name)
        self.colour = colour
    def speak(self):
        return "Meow"

pets = [Dog("Rex"), Cat("Mia", "black"), Animal("Thing")]
for p in pets:
    print(p.intro())
print(isinstance(pets[0], Animal), isinstance(pets[1], Dog))
print(pets[1].colour)
