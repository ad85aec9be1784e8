class Dog:
    def __init__(self, name):
        self.name = name
    def bark(self):
        print(self.nam, "woof")
d = Dog("Rex")
print(d.name)
d.bark()
