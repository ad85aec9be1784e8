class A:
    def __init__(self):
        self.__x = 1
    def get(self):
        return self.__x
class B(A):
    def __init__(self):
        super().__init__()
        self.__x = 2
    def own(self):
        return self.__x
b = B()
print(b.get(), b.own())
