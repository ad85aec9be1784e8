class A:
    def __init__(self):
        self.__x = 1
a = A()
print(a.__x)
