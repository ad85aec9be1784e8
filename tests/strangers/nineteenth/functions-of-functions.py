def adder(a):
    return lambda b: a + b
print(adder(1)(2))
def add3(a):
    def f(b):
        def g(c):
            return a + b + c
        return g
    return f
print(add3(1)(2)(3))
mul = lambda a: lambda b: a * b
print(mul(3)(4))
