def a():
    def wrapper(n):
        return n + 1
    return wrapper
def b():
    def wrapper(n):
        return n + 2
    return wrapper
f = a()
g = b()
print(f.__name__, g.__name__, f(1), g(1))
def early(n):
    return later(n) * 2
later = a()
print(early(4))
