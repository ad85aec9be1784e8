class A:
    def __init__(self): self.__n = 1
    def n(self): return self.__n
class B(A):
    def __init__(self):
        A.__init__(self)
        self.__n = 5
    def both(self): return f"{self.__n}{self.n()}"
class C:
    __slots__ = ("__q", "z")
    def __init__(self): self.__q = 3
    def __eq__(self, other): return self.__q == other.__q
    def add(self, *, __k=2): return self.__q + __k
print(B().both(), C() == C(), C().add())
