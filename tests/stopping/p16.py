class Dog:
    def __init__(self, name):
        self.name = name
print("x")
d = Dog()
