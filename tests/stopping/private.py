class A:
    def __init__(self):
        self.__x = 1
    def get(self):
        return self.__x
a = A()
print(a._A__x)
a._A__x = 7
print(a.get())
a.__x = 5
print(a.get(), a.__x)
print(hasattr(a, "__x"), hasattr(a, "_A__x"))
