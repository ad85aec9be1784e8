class Dog:
    def __init__(self, name):
        self.name = name
    def bark(self):
        print(self.name, "woof")
d = Dog("Rex")
d.brak()
