from abc import ABC, abstractmethod
class Shape(ABC):
    def __init__(self, n): self.n = n
    @abstractmethod
    def area(self): ...
    @property
    @abstractmethod
    def name(self): pass
    def show(self): return f"{self.name}: {self.area()}"
class Half(Shape):
    def area(self): return 1
class Sq(Half):
    @property
    def name(self): return "sq"
try:
    Shape(3)
except TypeError as e:
    print(e)
try:
    s = Half(3)
    print("made")
except TypeError as e:
    print("no:", e)
print(Sq(2).show())
