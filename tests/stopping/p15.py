class Dog:
    def bark():
        print("woof")
d = Dog()
print("made")
d.bark()
