class Plant:
    kinds = 0
    def __init__(self, name, height=1):
        self.name = name
        self.height = height
    @classmethod
    def seedling(cls, name):
        return cls(name, 0.5)
    @classmethod
    def pair(cls, one, other="b"):
        return [cls.seedling(one), cls(other)]
    @classmethod
    def title(cls):
        return "<" + cls.__name__ + ">"
    def __str__(self):
        return f"{type(self).__name__} {self.name} {self.height}"
    def twin(self):
        return type(self)(self.name + "'", self.height)
class Flower(Plant):
    pass
class Tree(Plant):
    def __init__(self, name, height=10):
        super().__init__(name.upper(), height)
        self.rings = 0
for p in [Plant.seedling("x"), Flower.seedling("aster"), Tree.seedling("plum")]: print(p)
for p in Tree.pair("a") + Flower.pair(other="z", one="y"): print(p)
print(Plant.title(), Tree.title())
for kind in [Flower, Tree]:
    plant = kind("k")
    print(plant, kind.__name__, isinstance(plant, Plant))
makers = {"flower": Flower, "tree": Tree}
print(makers["tree"]("oak", height=3) if False else makers["tree"]("oak", 3))
print(Tree("fir").twin(), type(Tree("a")) == Tree, type(Flower("f")) is Plant)
def make(kind, *names): return [kind(n) for n in names]
print(*make(Flower, "p", "q"), sep="; ")
print(type(Tree("x")) == type(Tree("y")), type(Tree("x")) == type(Flower("y")))
print(list(map(Flower, ["m", "n"]))[1])
class Own:
    n = 0
    def __init__(self):
        type(self).n += 1
        self.__class__.n += 1
    def me(self): return self.__class__ == Own, type(self) is Own
class B:
    def __init__(self, v): self.v = v
    def __eq__(self, o): return self.__class__ == o.__class__ and self.v == o.v
    def copy(self): return self.__class__(self.v)
a = Own(); Own()
print(Own.n, a.n, a.me(), B(1) == B(1), B(1) == Own(), B(3).copy().v)


class Root:
    @classmethod
    def make(cls):
        return cls()

    def again(self):
        return self.make()


class Leaf(Root):
    pass


print(type(Leaf.make()).__name__, type(Leaf().again()).__name__, type(Leaf().make()).__name__)
