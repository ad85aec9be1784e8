from abc import ABC, abstractmethod
from enum import Enum


class Size(Enum):
    SMALL = 1
    LARGE = 2


class Tool(ABC):
    _next_id = 1

    def __init__(self, name, size):
        self.name = name
        self.size = size
        self.__borrower = None
        self.id = Tool._next_id
        Tool._next_id += 1

    @abstractmethod
    def weight(self): ...

    @property
    def borrower(self):
        return self.__borrower

    @borrower.setter
    def borrower(self, person):
        if self.__borrower and person:
            raise RuntimeError(f"{self.name} is with {self.__borrower}")
        self.__borrower = person

    @staticmethod
    def units():
        return "kg"

    @classmethod
    def small(cls, name):
        return cls(name, Size.SMALL)


class Spade(Tool):
    def weight(self):
        return 1.5 if self.size == Size.SMALL else 2.5


class Rake(Tool):
    def weight(self):
        return 1.0 * self.size.value


tools = [Spade.small("little spade"), Spade("spade", Size.LARGE), Rake("rake", Size.LARGE)]
for t in tools:
    print(t.id, t.name, t.size.name, t.weight(), Tool.units())
tools[0].borrower = "Juniper"
try:
    tools[0].borrower = "Rowan"
except RuntimeError as e:
    print(e)
tools[0].borrower = None
tools[0].borrower = "Rowan"
print([t.borrower for t in tools])
